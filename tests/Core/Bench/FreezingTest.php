<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Nessmark\Bench\Firming;
use Nessmark\Bench\Freezing;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\Body;
use Nessmark\Heat\Face;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\FreezingMeat;

/** Time in the freezer. */
final class FreezingTest extends TestCase
{
    private const LONGEST_S = 400_000.0;

    /** Pham's equation against a march of the engine through meat whose water freezes: within a tenth, as he says of it. */
    public function test_the_equation_freezes_as_long_as_the_march_does(): void
    {
        $freezer = DataFolder::shipped()->read('bench.json')->record('freezer');
        $face = Face::surrounding($freezer->number('h_w_m2k'), $freezer->number('air_c'));
        foreach (['beef-burger', 'beef-flank-steak', 'chicken-breast', 'pork-belly', 'cod-loin'] as $slug) {
            $composition = Counter::open()->catalogue->cut($slug)->composition;
            foreach ([12.0, 25.0, 60.0] as $mm) {
                $thickness = Length::ofMillimetres($mm);
                $simulator = new Simulator(Body::slab($thickness), new FreezingMeat($composition), 31, 0.002);
                $end = $simulator->runStage(
                    $simulator->start($freezer->number('start_c')),
                    new Stage('freeze', $face, $face, self::LONGEST_S, Freezing::HARD_AT_C),
                );
                $equationS = (new Freezing($freezer))->throughS($composition, $thickness);
                self::assertEqualsWithDelta(1.0, $equationS / $end->end->timeS, 0.1, "{$slug}, {$mm} mm");
            }
        }
    }

    /** A lump of iron as thick as the parts of a mincer cools by Newton's law; an hour is too long, a minute too short. */
    public function test_the_parts_of_the_mincer_cool_too(): void
    {
        $parts = (new Firming(DataFolder::shipped()->read('bench.json')->record('freezer')))->partsS(4.0);

        self::assertEqualsWithDelta((19_000.0 / 12.0) * log((20.0 + 18.0) / (4.0 + 18.0)), $parts, 1e-6);
        self::assertGreaterThan(5 * 60.0, $parts);
        self::assertLessThan(30 * 60.0, $parts);
    }
}
