<?php

// Prints the folders of the core that import one another in a ring, or that none does. 1 where there is a ring.

declare(strict_types=1);

$root = dirname(__DIR__, 2).'/core/src';
$imports = [];
foreach (glob("{$root}/*/{*.php,*/*.php}", GLOB_BRACE) ?: [] as $file) {
    $from = explode('/', substr($file, strlen($root) + 1))[0];
    preg_match_all('/\bNessmark\\\\(\w+)\\\\\w+/', (string) file_get_contents($file), $found);
    foreach (array_diff(array_unique($found[1]), [$from]) as $to) {
        $imports[$from][$to] = true;
    }
    $imports[$from] ??= [];
}

// Folders that import nothing of what is left go, until none goes: what stays lies on a ring, or above one.
for ($left = $imports; ;) {
    $bottom = array_keys(array_filter($left, static fn (array $to): bool => array_intersect_key($to, $left) === []));
    if ($bottom === []) {
        break;
    }
    $left = array_diff_key($left, array_flip($bottom));
}

printf(
    "%d folders of the core, %d imports between them: %s\n",
    count($imports),
    array_sum(array_map(count(...), $imports)),
    $left === [] ? 'no ring' : 'a ring within '.implode(', ', array_keys($left)),
);
exit($left === [] ? 0 : 1);
