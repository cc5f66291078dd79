<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Generator;
use Nessmark\Heat\Body;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Face;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\ExactSeries;
use Tests\Support\Oracles;
use Tests\Support\Reference;

/** The march against conduction solved exactly: series of eigenfunctions, Carslaw & Jaeger (1959). */
final class ExactSolutionTest extends TestCase
{
    private const START_C = 5.0;

    private const AROUND_C = 180.0;

    private const HALF_M = 0.03;

    private const EXPONENTS = ['plane wall' => 0.0, 'cylinder' => 1.0, 'sphere' => 2.0];

    private const DIFFUSIVITY = 0.45 / (1070.0 * 3500.0);

    /** @return Generator<string, array{float, float}> */
    public static function shapesAndBiot(): Generator
    {
        $exponents = ['slab' => 0.0, 'box 2:3:5' => 0.28, 'box 1:1:5' => 0.7, 'cylinder' => 1.0, 'cube' => 1.25, 'sphere' => 2.0];
        foreach ($exponents as $shape => $exponent) {
            foreach ([0.1, 0.5, 2.0, 10.0, 100.0] as $bi) {
                yield "{$shape}, Bi {$bi}" => [$exponent, $bi];
            }
        }
    }

    #[DataProvider('shapesAndBiot')]
    public function test_core_and_surface_match_the_series_within_a_twentieth_of_a_degree(float $exponent, float $bi): void
    {
        $size = Length::ofMillimetres(2000.0 * self::HALF_M);
        $simulator = new Simulator($exponent === 0.0 ? Body::slab($size) : Body::finite($size, $exponent), self::material());
        $face = Face::surrounding(($bi * 0.45) / self::HALF_M, self::AROUND_C);
        $now = $simulator->start(self::START_C);
        $worst = 0.0;
        foreach ([0.05, 0.1, 0.2, 0.5, 1.0, 2.0] as $fo) {
            $untilS = ($fo * self::HALF_M ** 2) / self::DIFFUSIVITY;
            $now = $simulator->runStage($now, new Stage('heat', $face, $face, $untilS - $now->timeS))->end;
            $surface = $now->celsius[$simulator->grid->cells - 1];
            $worst = max(
                $worst,
                abs($simulator->coreC($now) - self::exactC($exponent, $bi, $fo, 0.0)),
                abs($surface - self::exactC($exponent, $bi, $fo, 1.0)),
            );
        }

        self::assertLessThan(0.05, $worst);
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function timesToCore(): Generator
    {
        yield from Oracles::of('time to core temperature');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('timesToCore')]
    public function test_time_to_a_core_temperature(array $in, float $expectedS, float $toleranceS, string $source): void
    {
        $shape = ['plane wall' => Shape::Slab, 'cylinder' => Shape::Cylinder, 'sphere' => Shape::Sphere][$in['geometry']];
        $simulator = new Simulator(
            Body::of($shape, Length::ofMillimetres(2000.0 * $in['L_half_m'])),
            new ConstantMaterial($in['k'], $in['rho'], $in['cp']),
        );
        $face = Face::surrounding($in['h'], $in['Tinf_C']);
        $end = $simulator->runStage($simulator->start($in['Ti_C']), new Stage('heat', $face, $face, null, $in['Tcore_C']));

        self::assertEqualsWithDelta($expectedS, $end->end->timeS, $toleranceS, $source);
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function bathTimes(): Generator
    {
        yield from Oracles::of('time to bath-0.5');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('bathTimes')]
    public function test_time_to_half_a_degree_under_the_bath(array $in, float $expectedMin, float $toleranceMin, string $source): void
    {
        $simulator = new Simulator(
            Body::finite(Length::ofMillimetres($in['thickness_mm']), (float) $in['beta']),
            new ConstantMaterial($in['k'], 1000.0, $in['k'] / $in['alpha'] / 1000.0),
        );
        $face = Face::surrounding($in['h'], $in['bath_C']);
        $end = $simulator->runStage($simulator->start($in['T0_C']), new Stage('bath', $face, $face, null, $in['bath_C'] - 0.5));

        self::assertEqualsWithDelta($expectedMin, $end->end->timeS / 60.0, $toleranceMin, $source);
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function eigenvalues(): Generator
    {
        yield from Oracles::of('first eigenvalue');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('eigenvalues')]
    public function test_the_series_used_here_has_the_published_first_eigenvalue(
        array $in,
        float $expected,
        float $tolerance,
        string $source,
    ): void {
        self::assertEqualsWithDelta(
            $expected,
            ExactSeries::roots(self::EXPONENTS[$in['geometry']], (float) $in['Bi'])[0],
            $tolerance,
            $source,
        );
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function coefficients(): Generator
    {
        yield from Oracles::of('first coefficient');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('coefficients')]
    public function test_the_series_used_here_has_the_published_first_coefficient(
        array $in,
        float $expected,
        float $tolerance,
        string $source,
    ): void {
        $exponent = self::EXPONENTS[$in['geometry']];
        $zeta = ExactSeries::roots($exponent, (float) $in['Bi'])[0];

        self::assertEqualsWithDelta($expected, ExactSeries::coefficient($exponent, (float) $in['Bi'], $zeta), $tolerance, $source);
    }

    /** @return Generator<string, array{array<string, string>}> */
    public static function tabulatedHeating(): Generator
    {
        foreach (Reference::rows('heating') as $row) {
            yield "{$row['shape']} {$row['thickness_mm']} mm" => [$row];
        }
    }

    /** @param  array<string, string>  $row */
    #[DataProvider('tabulatedHeating')]
    public function test_heating_times_of_boxes_are_the_tabulated_ones(array $row): void
    {
        // 5 °C into a 60 °C bath, α 1.4e-7 m²/s, h 95 W/(m²·K), k 0.48 W/(m·K): computed from the series, outside the program.
        $simulator = new Simulator(
            Body::finite(Length::ofMillimetres((float) $row['thickness_mm']), (float) $row['beta']),
            new ConstantMaterial(0.48, 1000.0, 0.48 / 1.4e-7 / 1000.0),
        );
        $bath = Face::surrounding(95.0, 60.0);
        foreach (['t_bath-0.5' => 59.5, 't_bath-1' => 59.0, 't_bath-5' => 55.0] as $column => $coreC) {
            $minutes = $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, null, $coreC))->end->timeS / 60.0;
            self::assertEqualsWithDelta((float) $row[$column], $minutes, 0.005 * (float) $row[$column] + 0.005, $row['source']);
        }
    }

    /** @return Generator<string, array{array<string, string>}> */
    public static function printedHeating(): Generator
    {
        foreach (Reference::rows('heating_printed') as $row) {
            yield "{$row['shape']} {$row['thickness_mm']} mm" => [$row];
        }
    }

    /** @param  array<string, string>  $row */
    #[DataProvider('printedHeating')]
    public function test_heating_times_are_the_printed_ones(array $row): void
    {
        // Baldwin (2012), from memory; printed to 5 min under an hour and to a quarter of an hour above.
        $simulator = new Simulator(
            Body::finite(Length::ofMillimetres((float) $row['thickness_mm']), (float) $row['beta_model']),
            new ConstantMaterial(0.48, 1000.0, 0.48 / 1.4e-7 / 1000.0),
        );
        $bath = Face::surrounding(95.0, 60.0);
        $minutes = $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, null, 59.5))->end->timeS / 60.0;
        $printed = (float) $row['time_min_recalled'];

        self::assertEqualsWithDelta($printed, $minutes, max(0.05 * $printed, $printed < 60.0 ? 5.0 : 15.0), $row['source']);
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function carryOver(): Generator
    {
        yield from Oracles::of('adiabatic rise / (Tsurface-Tcore), parabolic');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('carryOver')]
    public function test_an_insulated_parabola_levels_out_at_its_volume_mean(
        array $in,
        float $expected,
        float $tolerance,
        string $source,
    ): void {
        $shape = ['slab' => Shape::Slab, 'cylinder' => Shape::Cylinder, 'sphere' => Shape::Sphere][$in['geometry']];
        $simulator = new Simulator(Body::of($shape, Length::ofMillimetres(60.0)), self::material(), 241);
        $core = $simulator->body->coreAtM;
        $parabola = array_map(static fn (float $r): float => 55.0 + 30.0 * (($r - $core) / 0.03) ** 2, $simulator->grid->depthM);
        $end = $simulator->runStage(
            new \Nessmark\Heat\Snapshot(0.0, $parabola),
            new Stage('rest', Face::insulated(), Face::insulated(), 50_000.0),
        );

        self::assertEqualsWithDelta($expected, ($simulator->coreC($end->end) - 55.0) / 30.0, max($tolerance, 2e-4), $source);
    }

    private static function exactC(float $exponent, float $bi, float $fo, float $x): float
    {
        return self::AROUND_C + (self::START_C - self::AROUND_C) * ExactSeries::theta($exponent, $bi, $fo, $x);
    }

    private static function material(): ConstantMaterial
    {
        return new ConstantMaterial(0.45, 1070.0, 3500.0);
    }
}
