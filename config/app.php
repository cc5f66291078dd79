<?php

declare(strict_types=1);

return [
    'name' => 'Nessmark',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'timezone' => 'UTC',
    'url' => env('APP_URL', 'http://localhost'), // in production the only host that is answered
];
