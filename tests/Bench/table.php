<?php

// Lays two measurements beside each other: php table.php TITLE PLAIN_JSON COMPILED_JSON

declare(strict_types=1);

/** @var array<string, array{float, float}> $plain */
$plain = json_decode($argv[2], true);
/** @var array<string, array{float, float}> $fast */
$fast = json_decode($argv[3], true);
$bare = array_key_first($plain);

printf("%-36s %22s %8s %22s %8s\n", "{$argv[1]}, ms (lowest / median)", 'no JIT', '× first', 'JIT', '× first');
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
