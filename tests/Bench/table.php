<?php

// Lays two measurements beside each other: php table.php PLAIN_JSON COMPILED_JSON

declare(strict_types=1);

/** @var array<string, array{float, float}> $plain */
$plain = json_decode($argv[1], true);
/** @var array<string, array{float, float}> $fast */
$fast = json_decode($argv[2], true);
$bare = array_key_first($plain);

printf("%-36s %22s %8s %22s %8s\n", 'solver, ms (lowest / median)', 'no JIT', '× bare', 'JIT', '× bare');
foreach ($plain as $name => [$low, $middle]) {
    printf(
        "%-36s %12.2f / %7.2f %8.2f %12.2f / %7.2f %8.2f\n",
        $name,
        $low,
        $middle,
        $low / $plain[$bare][0],
        $fast[$name][0],
        $fast[$name][1],
        $fast[$name][0] / $fast[$bare][0],
    );
}
