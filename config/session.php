<?php

declare(strict_types=1);

$driver = env('SESSION_DRIVER', 'database');
$isSecure = env('SESSION_SECURE_COOKIE', env('APP_ENV', 'production') === 'production');

// What differs from the framework's own defaults.
return [
    'driver' => $driver,
    // A replica does not know yet who has just signed in.
    'connection' => $driver === 'database' && env('DB_REPLICAS', '') !== '' ? 'primary' : null,
    'table' => env('DB_PASSING', env('DB_DATABASE', 'nessmark').'_passing').'.sessions',
    'lifetime' => 720, // a working day: the counter does not sign in again between customers
    // A browser takes a name that begins so only from this host, over TLS, for all of it.
    'cookie' => ($isSecure ? '__Host-' : '').'nessmark_session',
    'secure' => $isSecure,
    'http_only' => true,
    'same_site' => 'strict',
];
