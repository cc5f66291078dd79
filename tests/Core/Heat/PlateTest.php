<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Nessmark\Heat\Body;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Face;
use Nessmark\Heat\Plate;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Snapshot;
use Nessmark\Heat\Stage;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\TestCase;

/** Metal that cools under the meat and is brought back by its burner. */
final class PlateTest extends TestCase
{
    private const ROOM_C = 25.0;

    public function test_without_burner_or_loss_the_meat_has_what_the_metal_gave(): void
    {
        $end = self::after(new Plate(200.0, 16_600.0, 0.0, 0.0, self::ROOM_C), 300.0);

        self::assertEqualsWithDelta($end->heatInJ, 16_600.0 * (200.0 - (float) $end->plateC), 0.001 * $end->heatInJ);
    }

    public function test_metal_and_meat_alone_settle_where_their_heats_balance(): void
    {
        // Arithmetic: C1·(T − 200) + C2·(T − 5) = 0, with 1060 · 3500 J/(m³K) over 25 mm of meat.
        $meat = 1060.0 * 3500.0 * 0.025;
        $settledC = (16_600.0 * 200.0 + $meat * 5.0) / (16_600.0 + $meat);
        $end = self::after(new Plate(200.0, 16_600.0, 0.0, 0.0, self::ROOM_C), 20_000.0);

        self::assertEqualsWithDelta($settledC, (float) $end->plateC, 0.2);
        self::assertEqualsWithDelta($settledC, $end->celsius[60], 0.2);
    }

    public function test_metal_without_end_is_a_pan_that_keeps_its_heat(): void
    {
        $kept = self::simulator();
        $pan = Face::surrounding(180.0, 200.0);
        $endless = self::after(new Plate(200.0, 1e9, 0.0, 0.0, self::ROOM_C), 300.0);

        self::assertEqualsWithDelta(
            $kept->coreC($kept->runStage($kept->start(5.0), new Stage('pan', $pan, Face::insulated(), 300.0))->end),
            self::simulator()->coreC($endless),
            0.05,
        );
    }

    public function test_an_empty_handed_burner_loses_and_a_strong_one_holds(): void
    {
        $coldest = static fn (float $mostWM2): float => (float) self::after(
            new Plate(230.0, 16_600.0, $mostWM2, 25.0, self::ROOM_C),
            240.0,
        )->coldestPlateC;

        self::assertLessThan($coldest(10_000.0), $coldest(0.0));
        self::assertLessThan($coldest(60_000.0), $coldest(10_000.0));
        self::assertGreaterThan(222.0, $coldest(60_000.0));
    }

    public function test_each_stage_begins_on_metal_as_it_was_set(): void
    {
        $simulator = self::simulator();
        $pan = Face::onPlate(180.0, new Plate(200.0, 9000.0, 0.0, 25.0, self::ROOM_C));
        $first = $simulator->runStage($simulator->start(5.0), new Stage('a', $pan, Face::insulated(), 120.0))->end;
        $second = $simulator->runStage($first, new Stage('b', $pan, Face::insulated(), 1.0))->end;

        self::assertLessThan(150.0, (float) $first->plateC);
        self::assertGreaterThan(195.0, (float) $second->plateC);
    }

    private static function after(Plate $plate, float $durationS): Snapshot
    {
        $simulator = self::simulator();

        return $simulator->runStage(
            $simulator->start(5.0),
            new Stage('pan', Face::onPlate(180.0, $plate), Face::insulated(), $durationS),
        )->end;
    }

    private static function simulator(): Simulator
    {
        return new Simulator(Body::slab(Length::ofMillimetres(25.0)), new ConstantMaterial(0.48, 1060.0, 3500.0));
    }
}
