<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Generator;
use Nessmark\Catalogue\DataFolder;
use Nessmark\Heat\Body;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Face;
use Nessmark\Heat\Grid;
use Nessmark\Heat\LogReduction;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Temperature;
use Nessmark\Safety\SafetyRules;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Oracles;

/** Lethality: the rate is integrated, never the temperature averaged. */
final class LogReductionTest extends TestCase
{
    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function ramps(): Generator
    {
        yield from Oracles::of('log reduction, linear ramp');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('ramps')]
    public function test_a_linear_ramp_gives_the_closed_form(array $in, float $expected, float $tolerance, string $source): void
    {
        $grid = Grid::across(Body::slab(Length::ofMillimetres(10.0)), 3);
        $lethality = new LogReduction($grid, 60.0 * $in['Dref_min'], $in['Tref'], $in['z']);
        $rateKS = $in['rate_C_min'] / 60.0;
        $rate = array_fill(0, 3, $rateKS);
        $steps = 60;
        $stepK = ($in['T2_C'] - $in['T1_C']) / $steps;
        for ($i = 0; $i < $steps; $i++) {
            $from = $in['T1_C'] + $i * $stepK;
            $lethality->step($i * $stepK / $rateKS, array_fill(0, 3, $from), $rate, ($i + 1) * $stepK / $rateKS, array_fill(0, 3, $from + $stepK), $rate);
        }

        self::assertEqualsWithDelta($expected, $lethality->smallest(), max($tolerance, 1e-3), $source);
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function printedHolds(): Generator
    {
        yield from Oracles::of('min hold for 6.5 log');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('printedHolds')]
    public function test_every_printed_hold_of_the_table_is_worth_its_logs(array $in, float $holdS, float $_, string $source): void
    {
        $set = SafetyRules::from(DataFolder::shipped())->lethality();
        $celsius = Temperature::ofFahrenheit($in['temp_F'])->toCelsius();
        $lethality = new LogReduction(Grid::across(Body::slab(Length::ofMillimetres(10.0)), 3), $set['d_ref_s'], $set['t_ref_c'], $set['z_k']);
        $lethality->step(0.0, array_fill(0, 3, $celsius), [0.0, 0.0, 0.0], $holdS, array_fill(0, 3, $celsius), [0.0, 0.0, 0.0]);

        self::assertGreaterThanOrEqual(6.499, $lethality->smallest(), $source);
        self::assertLessThanOrEqual(7.39, round($lethality->smallest(), 2), $source);
    }

    public function test_a_heated_core_gathers_the_logs_of_the_exact_solution(): void
    {
        // Worked example on the exact series: 30 mm slab, bath 60 °C, h 95, from 5 °C; 6.5 log at the core after 5,074.0 s (Tref 60 °C, z 5.56 °C, D 1.714 min).
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(30.0)), new ConstantMaterial(0.45, 1070.0, 3500.0));
        $lethality = new LogReduction($simulator->grid, 60.0 * 1.714, 60.0, 5.56);
        $bath = Face::surrounding(95.0, 60.0);
        $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, 5074.0), [$lethality]);

        self::assertEqualsWithDelta(6.5, $lethality->atDepth(0.015), 0.05, 'computed from the exact series');
    }
}
