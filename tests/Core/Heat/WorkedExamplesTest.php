<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Generator;
use Nessmark\Heat\Body;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Face;
use Nessmark\Heat\Grid;
use Nessmark\Heat\LogReduction;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worked examples solved apart from the program: eigenfunction series of 60 terms and closed forms (k 0.45, ρ 1070, cp 3500). */
final class WorkedExamplesTest extends TestCase
{
    private const SERIES = 'computed from the exact series, 60 terms';

    /** @return Generator<string, array{float, float, float, float}> surface step or fire, depth in mm, °C after a minute */
    public static function semiInfinite(): Generator
    {
        yield 'surface held at 200 °C, 2 mm' => [INF, 200.0, 2.0, 121.6891];
        yield 'surface held at 200 °C, 5 mm' => [INF, 200.0, 5.0, 41.6457];
        yield 'surface held at 200 °C, 10 mm' => [INF, 200.0, 10.0, 6.6481];
        yield 'pan of 220 °C, h 400, surface' => [400.0, 220.0, 0.0, 172.7947];
        yield 'pan of 220 °C, h 400, 2 mm' => [400.0, 220.0, 2.0, 97.5206];
        yield 'pan of 220 °C, h 400, 5 mm' => [400.0, 220.0, 5.0, 30.659];
    }

    #[DataProvider('semiInfinite')]
    public function test_the_first_minute_of_a_thick_piece(float $h, float $fireC, float $depthMm, float $expectedC): void
    {
        // 40 mm is as good as endless for a minute; finer cells, because the fringe of heat is thin.
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(40.0)), self::material(), 181);
        $face = is_infinite($h) ? Face::fixed($fireC) : Face::surrounding($h, $fireC);
        $end = $simulator->runStage($simulator->start(5.0), new Stage('sear', $face, Face::insulated(), 60.0))->end;

        self::assertEqualsWithDelta(
            $expectedC,
            $simulator->grid->at($end->celsius, $depthMm / 1000.0),
            0.2,
            'error function and its integral, closed form',
        );
    }

    public function test_the_surface_and_the_mean_when_the_core_is_done(): void
    {
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(30.0)), self::material());
        $bath = Face::surrounding(95.0, 60.0);
        $end = $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, null, 57.0))->end;
        $mean = 0.0;
        foreach ($end->celsius as $i => $celsius) {
            $mean += ($celsius * $simulator->grid->volume[$i]) / $simulator->grid->totalVolume();
        }

        self::assertEqualsWithDelta(58.9317, $end->celsius[0], 0.02, self::SERIES);
        self::assertEqualsWithDelta(57.6769, $mean, 0.02, self::SERIES);
    }

    public function test_a_cooling_slab_is_safe_after_the_hours_the_series_says(): void
    {
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(80.0)), self::material());
        $blast = Face::surrounding(25.0, 2.0);
        $end = $simulator->runStage($simulator->start(60.0), new Stage('chill', $blast, $blast, null, 5.0))->end;

        self::assertEqualsWithDelta(33_973.9, $end->timeS, 70.0, self::SERIES);
    }

    /** @return Generator<string, array{float, float}> */
    public static function gatheredLogs(): Generator
    {
        yield 'after 40 min' => [2400.0, 0.0338];
        yield 'after 50 min' => [3000.0, 0.2454];
        yield 'after 60 min' => [3600.0, 0.9577];
        yield 'after 75 min' => [4500.0, 3.6443];
    }

    #[DataProvider('gatheredLogs')]
    public function test_logs_gathered_on_the_way(float $seconds, float $expected): void
    {
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(30.0)), self::material());
        $lethality = new LogReduction($simulator->grid, 60.0 * 1.714, 60.0, 5.56);
        $bath = Face::surrounding(95.0, 60.0);
        $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, $seconds), [$lethality]);

        self::assertEqualsWithDelta($expected, $lethality->smallest(), 0.012 * $expected + 0.001, self::SERIES);
    }

    /** @return Generator<string, array{float, float, float, float, float}> bath, start, time constant min, length min, logs */
    public static function newtonApproaches(): Generator
    {
        yield 'to 60 °C' => [60.0, 5.0, 15.0, 90.0, 20.5895];
        yield 'to 58 °C' => [58.0, 5.0, 20.0, 180.0, 27.201];
        yield 'to 65 °C' => [65.0, 20.0, 10.0, 40.0, 37.5671];
    }

    #[DataProvider('newtonApproaches')]
    public function test_an_exponential_approach_gives_the_closed_form(
        float $bathC,
        float $startC,
        float $tauMin,
        float $lengthMin,
        float $expected,
    ): void {
        $lethality = new LogReduction(Grid::across(Body::slab(Length::ofMillimetres(10.0)), 3), 60.0 * 1.714, 60.0, 5.56);
        $at = static fn (float $min): float => $bathC - ($bathC - $startC) * exp(-$min / $tauMin);
        $rate = static fn (float $min): float => (($bathC - $startC) / ($tauMin * 60.0)) * exp(-$min / $tauMin);
        for ($min = 0.0; $min < $lengthMin - 1e-9; $min += 0.5) {
            $lethality->step(
                60.0 * $min,
                array_fill(0, 3, $at($min)),
                array_fill(0, 3, $rate($min)),
                60.0 * ($min + 0.5),
                array_fill(0, 3, $at($min + 0.5)),
                array_fill(0, 3, $rate($min + 0.5)),
            );
        }

        self::assertEqualsWithDelta($expected, $lethality->smallest(), 0.01, 'exponential integral, closed form');
    }

    /** @return Generator<string, array{float, float, float}> thickness mm, bath °C, minutes */
    public static function pasteurisation(): Generator
    {
        $rows = [
            15 => [55 => 118.5, 57 => 69.1, 58 => 56.0, 60 => 40.8, 62 => 32.8, 65 => 26.0],
            25 => [55 => 151.6, 57 => 101.6, 58 => 87.5, 60 => 69.7, 62 => 58.8, 65 => 48.7],
        ];
        foreach ($rows as $mm => $times) {
            foreach ($times as $bathC => $minutes) {
                yield "{$mm} mm at {$bathC} °C" => [(float) $mm, (float) $bathC, $minutes];
            }
        }
    }

    #[DataProvider('pasteurisation')]
    public function test_six_and_a_half_logs_at_the_core_take_the_computed_time(float $mm, float $bathC, float $minutes): void
    {
        // FSIS Appendix A kinetics (D60 1.714 min, z 5.56 °C), diffusivity 1.2e-7 m²/s, h 95 W/(m²K), k 0.48, start 5 °C; series with
        // closed lethality, 1 %.
        $simulator = new Simulator(Body::slab(Length::ofMillimetres($mm)), new ConstantMaterial(0.48, 1000.0, 4000.0));
        $lethality = new LogReduction($simulator->grid, 60.0 * 1.714, 60.0, 5.56);
        $bath = Face::surrounding(95.0, $bathC);
        $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, 60.0 * $minutes), [$lethality]);
        $perMinute = 10.0 ** (($bathC - 60.0) / 5.56) / 1.714; // at most, so an error in the logs is at least this error in time

        self::assertEqualsWithDelta($minutes, $minutes + (6.5 - $lethality->smallest()) / $perMinute, 0.01 * $minutes);
    }

    /** @return Generator<string, array{float, float}> */
    public static function publishedHeating(): Generator
    {
        foreach (
            [
                10 => 19,
                15 => 35,
                20 => 50,
                25 => 75,
                30 => 90,
                35 => 120,
                40 => 150,
                45 => 180,
                50 => 210,
                55 => 240,
                60 => 285,
                65 => 330,
            ] as $mm => $minutes
        ) {
            yield "{$mm} mm slab" => [(float) $mm, (float) $minutes];
        }
    }

    #[DataProvider('publishedHeating')]
    public function test_published_heating_times_of_slabs(float $mm, float $minutes): void
    {
        // Baldwin (2012), heating from 5 °C to half a degree under the bath; printed to 5 min under an hour and to a quarter of an
        // hour above; from memory.
        $simulator = new Simulator(
            Body::of(Shape::Slab, Length::ofMillimetres($mm)),
            new ConstantMaterial(0.48, 1000.0, 0.48 / 1.4e-7 / 1000.0),
        );
        $bath = Face::surrounding(95.0, 60.0);
        $end = $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, null, 59.5))->end;

        self::assertEqualsWithDelta($minutes, $end->timeS / 60.0, max($minutes < 60.0 ? 5.0 : 7.5, 0.05 * $minutes));
    }

    private static function material(): ConstantMaterial
    {
        return new ConstantMaterial(0.45, 1070.0, 3500.0);
    }
}
