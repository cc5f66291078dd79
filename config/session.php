<?php

declare(strict_types=1);

// What differs from the framework's own defaults.
return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 720, // a working day: the counter does not sign in again between customers
    'cookie' => 'nessmark_session',
    'secure' => env('SESSION_SECURE_COOKIE', env('APP_ENV', 'production') === 'production'),
    'http_only' => true,
    'same_site' => 'strict',
];
