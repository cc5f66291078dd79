<?php

// Reading the catalogue, building the index of names, finding cuts by mistyped names, judging every method. Prints JSON.

declare(strict_types=1);

use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Data\DataFolder;
use Nessmark\Method\Suitability;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/timed.php';

const QUERIES = [
    'oglet',
    'fether blade',
    'bavette d aloyau',
    'wildscwein',
    'salmn belly',
    'osso bucco',
    'sirlion steak',
    'magret de canard',
];

$cuts = Catalogue::from(DataFolder::shipped())->cuts();
$index = NameIndex::of($cuts);
$suitability = new Suitability();

echo json_encode([
    'one cut read from its file' => timed(static fn () => Catalogue::from(DataFolder::shipped())->cut('beef-flap')),
    'the whole catalogue read' => timed(static fn () => Catalogue::from(DataFolder::shipped())->cuts()),
    'the index of all names built' => timed(static fn () => NameIndex::of($cuts)),
    'one mistyped name looked up' => timed(static fn (int $i) => $index->find(QUERIES[$i % count(QUERIES)]), 80),
    'every method judged for every cut' => timed(static function () use ($cuts, $suitability): void {
        foreach ($cuts as $cut) {
            $suitability->all($cut);
        }
    }),
]);
