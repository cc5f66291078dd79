<?php

// What the bench adds: an order for a ticket, and a mince of five cuts. Prints JSON.

declare(strict_types=1);

use Nessmark\Bench\Blend;
use Nessmark\Bench\BlendGoal;
use Nessmark\Bench\BlendPart;
use Nessmark\Bench\Trimming;
use Nessmark\Bench\Workpiece;
use Nessmark\Data\DataFolder;
use Nessmark\Method\Method;
use Tests\Support\Counter;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/timed.php';

$trimming = Trimming::from(DataFolder::shipped());
$cut = Counter::open()->catalogue->cut('beef-standing-rib');
$piece = new Workpiece($cut, $cut->size(), 1, Method::OvenRoast, ['A', 'B'], true);
$parts = array_map(static fn (int $i): BlendPart => new BlendPart("part {$i}", 0.05 + 0.1 * $i, 10.0 - $i, 3, 0.05, 0.6), range(0, 4));

echo json_encode([
    'a bench order' => timed(static fn () => $trimming->order($piece)),
    'a mince of five cuts' => timed(static fn () => Blend::of($parts, 0.18, 0.22, BlendGoal::Price)),
]);
