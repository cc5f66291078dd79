<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Generator;
use Nessmark\Heat\Body;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Evaporation;
use Nessmark\Heat\Face;
use Nessmark\Heat\Grid;
use Nessmark\Heat\LayeredMaterial;
use Nessmark\Heat\Moisture;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Water leaving a surface: against steam tables and the psychrometric chart, then its balances. */
final class MoistureTest extends TestCase
{
    private const WATER_KG_M3 = 770.0;

    /** Vapour pressure over water, kPa: steam tables (IAPWS), from memory. */
    #[TestWith([20.0, 2.339])]
    #[TestWith([50.0, 12.35])]
    #[TestWith([80.0, 47.41])]
    #[TestWith([100.0, 101.42])]
    public function test_vapour_pressure_is_that_of_the_steam_tables(float $celsius, float $kPa): void
    {
        self::assertEqualsWithDelta($kPa, Evaporation::saturationPa($celsius) / 1000.0, 0.005 * $kPa);
    }

    /** Heat of evaporation, kJ/kg: steam tables (IAPWS), from memory. */
    #[TestWith([20.0, 2453.5])]
    #[TestWith([60.0, 2357.7])]
    #[TestWith([100.0, 2256.4])]
    public function test_the_heat_of_evaporation_is_that_of_the_steam_tables(float $celsius, float $kJ): void
    {
        self::assertEqualsWithDelta($kJ, Evaporation::latentHeatJKg($celsius) / 1000.0, 0.005 * $kJ);
    }

    /** Dry bulb, relative humidity and wet bulb: psychrometric chart at sea level, from memory. */
    #[TestWith([20.0, 0.5, 13.8])]
    #[TestWith([30.0, 0.5, 22.0])]
    #[TestWith([40.0, 0.2, 21.8])]
    #[TestWith([50.0, 0.1, 23.4])]
    public function test_a_wet_surface_settles_at_the_wet_bulb_of_the_chart(float $dryC, float $humidity, float $wetC): void
    {
        $vapourPa = $humidity * Evaporation::saturationPa($dryC);
        $gain = static fn (float $c): float => 20.0 * ($dryC - $c) -
            Evaporation::latentHeatJKg($c) * Evaporation::fluxKgM2S(20.0, $c, $dryC, $vapourPa, 1.0, 1.0);
        [$low, $high] = [0.0, $dryC];
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $gain($middle) > 0.0 ? [$middle, $high] : [$low, $middle];
        }

        self::assertEqualsWithDelta($wetC, $low, 0.7);
    }

    public function test_a_body_in_air_settles_at_the_same_wet_bulb(): void
    {
        $air = Face::surrounding(20.0, 30.0)->withVapour(0.5 * Evaporation::saturationPa(30.0));
        $simulator = self::slab(5.0);
        $end = $simulator->runStage(
            $simulator->start(15.0, Moisture::of(self::WATER_KG_M3, 1.0, $simulator->grid->cells)),
            new Stage('air', $air, $air, 1200.0),
        );

        self::assertEqualsWithDelta(22.0, $simulator->coreC($end->end), 0.7, 'psychrometric chart, from memory');
    }

    public function test_steam_settles_on_cold_meat_and_heats_it_faster_than_dry_air(): void
    {
        $heated = static function (float $vapourPa): float {
            $face = Face::surrounding(30.0, 100.0)->withVapour($vapourPa);
            $simulator = self::slab(30.0);
            $start = $simulator->start(5.0, Moisture::of(self::WATER_KG_M3, 1.0, $simulator->grid->cells));

            return $simulator->coreC($simulator->runStage($start, new Stage('steam', $face, $face, 900.0))->end);
        };

        self::assertGreaterThan($heated(1000.0) + 15.0, $heated(101_000.0));
    }

    /** @return Generator<string, array{Face, float}> */
    public static function fires(): Generator
    {
        yield 'oven' => [Face::surrounding(25.0, 180.0)->withVapour(1500.0), 3600.0];
        yield 'pan' => [Face::surrounding(400.0, 220.0)->withVapour(1000.0), 300.0];
        yield 'broiler' => [Face::surrounding(15.0, 60.0, 0.9, 600.0)->withVapour(1000.0), 600.0];
    }

    #[DataProvider('fires')]
    public function test_heat_and_water_balances_close(Face $fire, float $durationS): void
    {
        $simulator = self::slab(40.0);
        $start = $simulator->start(5.0, Moisture::of(self::WATER_KG_M3, 0.2, $simulator->grid->cells));
        $end = $simulator->runStage($start, new Stage('fire', $fire, $fire, $durationS))->end;
        $dried = $stored = 0.0;
        foreach ($simulator->grid->volume as $i => $volume) {
            $gone = 1.0 - $end->moisture->shares[$i];
            $dried += $gone * self::WATER_KG_M3 * $volume;
            $stored +=
                (1070.0 * 3500.0 - $gone * self::WATER_KG_M3 * 4180.0) * $volume * ($end->celsius[$i] - 5.0) +
                $gone * self::WATER_KG_M3 * $volume * 4180.0 * (80.0 - 5.0);
        }

        self::assertEqualsWithDelta($dried, $end->moisture->lostKg, 1e-9);
        // What came in is stored, or left with the water: warmed to some 80 °C, then evaporated.
        self::assertEqualsWithDelta(
            $end->heatInJ,
            $stored + $end->moisture->lostKg * Evaporation::latentHeatJKg(85.0),
            0.05 * $end->heatInJ,
        );
    }

    #[DataProvider('fires')]
    public function test_a_tighter_tolerance_moves_a_wet_cook_by_less_than_a_tenth_of_a_degree(Face $fire, float $durationS): void
    {
        $coreC = static function (float $toleranceK) use ($fire, $durationS): float {
            $simulator = new Simulator(Body::slab(Length::ofMillimetres(30.0)), self::lean(), toleranceK: $toleranceK);

            return $simulator->coreC(
                $simulator->runStage(
                    $simulator->start(5.0, Moisture::of(self::WATER_KG_M3, 0.2, 61)),
                    new Stage('fire', $fire, $fire, $durationS),
                )->end,
            );
        };

        self::assertEqualsWithDelta($coreC(0.0002), $coreC(Simulator::TOLERANCE_K), 0.1);
    }

    public function test_the_wetter_the_surface_the_slower_the_roast_and_the_less_it_carries_over(): void
    {
        $minutes = $rises = [];
        foreach ([null, 0.1, 0.3, 1.0] as $wetness) {
            $simulator = self::slab(90.0);
            $oven = Face::surrounding(25.0, 160.0)->withVapour(1500.0);
            $room = Face::surrounding(10.0, 22.0)->withVapour(1000.0);
            $roast = $simulator->runStage(
                $simulator->start(5.0, $wetness === null ? null : Moisture::of(self::WATER_KG_M3, $wetness, 61)),
                new Stage('oven', $oven, $oven, null, 55.0),
            )->end;
            $rest = $simulator->runStage($roast, new Stage('rest', $room, $room, 1500.0))->end;
            $minutes[] = $roast->timeS / 60.0;
            $rises[] = $simulator->coreC($rest) - 55.0;
        }
        $sorted = [$minutes, $rises];
        sort($sorted[0]);
        rsort($sorted[1]);

        self::assertSame($sorted, [$minutes, $rises]);
    }

    public function test_the_surface_stays_near_boiling_while_wet_and_browns_once_dry(): void
    {
        $pan = Face::surrounding(400.0, 230.0)->withVapour(1000.0);
        $simulator = self::slab(30.0);
        $wet = $simulator->runStage(
            $simulator->start(5.0, Moisture::of(self::WATER_KG_M3, 1.0, 61)),
            new Stage('pan', $pan, Face::insulated(), 3.0),
        )->end;
        $dry = $simulator->runStage($wet, new Stage('pan', $pan, Face::insulated(), 240.0))->end;

        self::assertLessThan(101.0, $wet->celsius[0]);
        self::assertGreaterThan(120.0, $dry->celsius[0]);
        self::assertLessThan(101.0, $dry->celsius[$dry->moisture->fronts(false)[0][0] + 2], 'behind the crust it is still wet');
    }

    public function test_nothing_evaporates_in_a_bag(): void
    {
        $bath = Face::surrounding(95.0, 60.0)->closed();
        $simulator = self::slab(30.0);
        $end = $simulator->runStage(
            $simulator->start(5.0, Moisture::of(self::WATER_KG_M3, 1.0, 61)),
            new Stage('bath', $bath, $bath, 3600.0),
        )->end;

        self::assertSame(0.0, $end->moisture->lostKg);
    }

    public function test_layers_share_heat_as_resistances_in_a_row(): void
    {
        // Steady conduction: the drop over each layer goes with its thickness over its conductivity.
        $grid = Grid::across(Body::slab(Length::ofMillimetres(20.0)), 81);
        $material = LayeredMaterial::on($grid, [
            [new ConstantMaterial(0.2, 900.0, 2000.0), 0.005],
            [new ConstantMaterial(0.5, 1070.0, 3500.0), 0.015],
        ]);
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(20.0)), $material, 81);
        $end = $simulator->runStage($simulator->start(50.0), new Stage('hold', Face::fixed(100.0), Face::fixed(0.0), 20_000.0))->end;

        self::assertEqualsWithDelta(
            (100.0 * 0.03) / (0.025 + 0.03),
            $grid->at($end->celsius, 0.005),
            1.5,
            '5 mm of 0.2 W/(m·K) before 15 mm of 0.5',
        );
    }

    private static function slab(float $mm): Simulator
    {
        return new Simulator(Body::slab(Length::ofMillimetres($mm)), self::lean());
    }

    private static function lean(): ConstantMaterial
    {
        return new ConstantMaterial(0.48, 1070.0, 3500.0);
    }
}
