<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'mariadb'),
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'nessmark'),
            'username' => env('DB_USERNAME', 'nessmark'),
            'password' => env('DB_PASSWORD', ''),
            'unix_socket' => env('DB_SOCKET', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            // What a lock lets in is read as it is then, and nobody locks the gaps between rows: fewer sellers wait for each other.
            'isolation_level' => 'READ COMMITTED',
        ],
    ],
];
