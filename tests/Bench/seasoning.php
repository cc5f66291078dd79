<?php

// What dressing adds to a ticket: the shelf held against one piece and its computed fire, and reading the shelf once. Prints JSON.

declare(strict_types=1);

use Nessmark\Advice\Advisor;
use Nessmark\Advice\DressingOf;
use Nessmark\Data\DataFolder;
use Nessmark\Seasoning\Shelf;
use Tests\Support\Counter;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/timed.php';

$folder = DataFolder::shipped();
[$advisor, $dressing, $reader] = [Advisor::from($folder), DressingOf::from($folder), Counter::open()->reader];
$rows = ['the shelf read from its files' => timed(static fn () => Shelf::from($folder))];
$asks = [
    'a rib eye in a pan dressed' => ['cut' => 'beef-rib-eye-steak', 'method' => 'pan'],
    'a collar on the grill with a rub' => ['cut' => 'pork-collar-steak', 'method' => 'grill', 'seasoning' => 'rub-sweet-smoke'],
    'a whole chicken dressed' => ['cut' => 'chicken-whole', 'method' => 'oven_roast'],
    'four ways apart, dressed' => [
        'cut' => 'pork-collar-steak',
        'method' => 'grill',
        'seasoning' => 'glaze-mustard-honey',
        'diners' => [
            ['count' => 2],
            ['count' => 1, 'avoid' => ['mustard']],
            ['count' => 1, 'avoid' => ['soy']],
            ['count' => 1, 'avoid' => ['honey']],
        ],
    ],
];
foreach ($asks as $name => $ask) {
    $dish = $reader->read(['diners' => [['count' => 2]], ...$ask]);
    $cooked = array_map(static fn ($plate): array => [$plate, ...array_slice($advisor->advise($plate), 0, 2)], $dish->plates());
    $rows[$name] = timed(static fn () => $dressing->cook($dish, $cooked, 100.0));
}

echo json_encode($rows);
