<?php

declare(strict_types=1);

$mariadb = [
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
];
// host:port of each, with commas between. They are read from; whatever is written or locked goes to the one above (docs/running.md).
$replicas = array_map(
    static fn (string $replica): array => ['host' => strtok(trim($replica), ':'), 'port' => strtok(':') ?: '3306'],
    array_filter(explode(',', (string) env('DB_REPLICAS', ''))),
);

return [
    // What is written all day and need not come back: sessions, the beat of /health. The binary log leaves this schema out.
    'passing' => env('DB_PASSING', env('DB_DATABASE', 'nessmark').'_passing'),
    // Where a backup is brought back beside the shop: the nightly rehearsal, an upgrade's, one shop of several.
    'rehearsal' => env('DB_REHEARSAL', env('DB_DATABASE', 'nessmark').'_rehearsal'),
    'default' => env('DB_CONNECTION', 'mariadb'),
    'connections' => [
        'mariadb' => [...$mariadb, ...($replicas === [] ? [] : ['read' => $replicas, 'write' => [], 'sticky' => true])],
        'primary' => $mariadb,
    ],
];
