<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

// A line of JSON an entry, a file a day, two weeks of them.
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/nessmark.log'),
            'days' => 14,
            'permission' => 0600,
            'formatter' => JsonFormatter::class,
            'replace_placeholders' => true,
        ],
    ],
];
