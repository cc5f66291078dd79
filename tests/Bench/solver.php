<?php

// One simulation of a 25 mm steak, constant properties, 61 cells, 20 minutes, beside the plain loop it is made of; the same steak
// drying on a grill, a rough run and a whole ticket, and the memory all that takes. Prints JSON.

declare(strict_types=1);

use Nessmark\Advice\Advisor;
use Nessmark\Advice\RoughCook;
use Nessmark\Advice\Specimen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\Body;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\Face;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Surface;
use Nessmark\Method\Method;
use Nessmark\Method\Planner;
use Nessmark\Method\Setting;
use Nessmark\Quantity\Length;
use Tests\Support\Counter;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/timed.php';

/** The bare march: 61 cells, 1,200 steps of one second, Crank-Nicolson, factored once; nothing observed, nothing adapted. */
function bareLoop(): float
{
    $n = 61;
    $half = (0.5 * (0.48 / (1060.0 * 3500.0))) / (0.025 / 60) ** 2;
    $t = array_fill(0, $n, 5.0);
    $t[0] = 95.0;
    $ratio = $pivot = array_fill(0, $n, 0.0);
    for ($i = 1; $i < $n - 1; $i++) {
        $pivot[$i] = 1.0 / (1.0 + 2.0 * $half + $half * $ratio[$i - 1]);
        $ratio[$i] = -$half * $pivot[$i];
    }
    for ($step = 0; $step < 1200; $step++) {
        $y = $t;
        $carried = $t[0];
        for ($i = 1; $i < $n - 1; $i++) {
            $right = $t[$i] + $half * ($t[$i - 1] - 2.0 * $t[$i] + $t[$i + 1]) + ($i === 1 ? $half * 95.0 : 0.0);
            $carried = ($right + ($i === 1 ? 0.0 : $half * $carried)) * $pivot[$i];
            $y[$i] = $carried;
        }
        for ($i = $n - 2; $i > 0; $i--) {
            $t[$i] = $y[$i] - $ratio[$i] * ($i === $n - 2 ? 0.0 : $t[$i + 1]);
        }
    }

    return $t[30];
}

function steak(?float $turnEveryS): void
{
    $simulator = new Simulator(Body::slab(Length::ofMillimetres(25.0)), new ConstantMaterial(0.48, 1060.0, 3500.0));
    $start = $simulator->start(5.0);
    $air = Face::surrounding(10.0, 22.0);
    $simulator->run(
        $start,
        [
            new Stage(
                'sear',
                Face::surrounding(250.0, 120.0),
                Face::surrounding(12.0, 25.0),
                900.0,
                null,
                $turnEveryS === null ? [450.0] : [],
                $turnEveryS,
            ),
            new Stage('rest', $air, $air, 300.0),
        ],
        [new CoreTrace($simulator->grid, $simulator->body->coreAtM, $start->celsius)],
    );
}

/** The reference steak: rib eye of 25 mm, 13 minutes on the grill, 5 at rest, drying as it browns, as fine as a ticket runs it. */
function dryingSteak(bool $isTurnedOnce): void
{
    static $cut = null,
    $plan = null;
    $cut ??= Catalogue::from(DataFolder::shipped())->cut('beef-rib-eye-steak');
    $size = $cut->size(Length::ofMillimetres(25.0));
    $plan ??= Planner::from(DataFolder::shipped())->plan($cut, $size, Method::Grill, new Setting(230.0, 60.0));
    $open = $isTurnedOnce ? new Stage('grill', $plan->open->a, $plan->open->b, 780.0, null, [390.0]) : $plan->open->endingAfter(780.0);
    $body = Body::slab($size->thickness);
    $piece = Specimen::of($cut, $size, $body, 5.0, Surface::Patted, Advisor::CELLS, Advisor::TOLERANCE_K);
    $piece->simulator->run(
        $piece->start,
        [$open, ...$plan->after],
        [new CoreTrace($piece->simulator->grid, $piece->simulator->body->coreAtM, $piece->start->celsius)],
    );
}

/** One coarse run to the core asked for, as rough work makes it. */
function coarseRun(): void
{
    static $cut = null,
    $plan = null;
    $cut ??= Catalogue::from(DataFolder::shipped())->cut('beef-rib-eye-steak');
    $size = $cut->size(Length::ofMillimetres(30.0));
    $plan ??= Planner::from(DataFolder::shipped())->plan($cut, $size, Method::Grill, new Setting(230.0, 55.0))->turnedHalfAsOften();
    $body = Body::slab($size->thickness);
    $piece = Specimen::of($cut, $size, $body, 5.0, Surface::Patted, RoughCook::CELLS, RoughCook::TOLERANCE_K);
    $piece->simulator->runStage($piece->start, $plan->open->endingAtCore(55.0));
}

/** One rough run as the ranking of cuts and methods does it. */
function roughSteak(): void
{
    static $rough = null,
    $cut = null;
    $rough ??= RoughCook::from(DataFolder::shipped());
    $cut ??= Catalogue::from(DataFolder::shipped())->cut('beef-rib-eye-steak');
    $rough->of($cut, Method::Grill);
}

$counter = Counter::open();
$ask = [
    'cut' => 'beef-rib-eye-steak',
    'thickness_mm' => 25,
    'method' => 'grill',
    'diners' => [['count' => 2, 'doneness' => 'medium_rare']],
];
$inC = getenv('NESSMARK_C_MARCH') === false ? [] : ['bare loop in C' => json_decode((string) getenv('NESSMARK_C_MARCH'))];

echo json_encode(
    $inC + [
        'bare loop, 1,200 fixed steps' => timed(bareLoop(...)),
        'steak 20 min, turned once' => timed(static fn () => steak(null)),
        'steak 20 min, turned each minute' => timed(static fn () => steak(60.0)),
        'reference steak, drying, turned once' => timed(static fn () => dryingSteak(true)),
        'the same, turned each minute' => timed(static fn () => dryingSteak(false)),
        'one coarse run of it' => timed(coarseRun(...)),
        'rough cook for ranking, with its pull' => timed(roughSteak(...)),
        'whole ticket with its range' => timed(static fn () => $counter->ticket($ask)),
        'peak memory, MB' => array_fill(0, 2, memory_get_peak_usage() / 1048576.0),
    ],
);
