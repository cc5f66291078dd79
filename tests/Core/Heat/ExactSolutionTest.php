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

/** The march against conduction solved exactly: series of eigenfunctions, Carslaw & Jaeger (1959). */
final class ExactSolutionTest extends TestCase
{
    private const START_C = 5.0;

    private const AROUND_C = 180.0;

    private const HALF_M = 0.03;

    private const DIFFUSIVITY = 0.45 / (1070.0 * 3500.0);

    /** @return Generator<string, array{Shape, float}> */
    public static function shapesAndBiot(): Generator
    {
        foreach (Shape::cases() as $shape) {
            foreach ([0.1, 0.5, 2.0, 10.0, 100.0] as $bi) {
                yield "{$shape->value}, Bi {$bi}" => [$shape, $bi];
            }
        }
    }

    #[DataProvider('shapesAndBiot')]
    public function test_core_and_surface_match_the_series_within_a_tenth_of_a_degree(Shape $shape, float $bi): void
    {
        $size = Length::ofMillimetres(2000.0 * self::HALF_M);
        $simulator = new Simulator(Body::of($shape, $size), self::material());
        $face = Face::surrounding($bi * 0.45 / self::HALF_M, self::AROUND_C);
        $now = $simulator->start(self::START_C);
        $worst = 0.0;
        foreach ([0.05, 0.1, 0.2, 0.5, 1.0, 2.0] as $fo) {
            $untilS = $fo * self::HALF_M ** 2 / self::DIFFUSIVITY;
            $now = $simulator->runStage($now, new Stage('heat', $face, $face, $untilS - $now->timeS))->end;
            $surface = $now->celsius[$simulator->grid->cells - 1];
            $worst = max(
                $worst,
                abs($simulator->coreC($now) - self::exactC($shape, $bi, $fo, 0.0)),
                abs($surface - self::exactC($shape, $bi, $fo, 1.0)),
            );
        }

        self::assertLessThan(0.1, $worst);
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
        $simulator = new Simulator(Body::of($shape, Length::ofMillimetres(2000.0 * $in['L_half_m'])), new ConstantMaterial($in['k'], $in['rho'], $in['cp']));
        $face = Face::surrounding($in['h'], $in['Tinf_C']);
        $end = $simulator->runStage($simulator->start($in['Ti_C']), new Stage('heat', $face, $face, null, $in['Tcore_C']));

        self::assertEqualsWithDelta($expectedS, $end->end->timeS, $toleranceS, $source);
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function bathTimes(): Generator
    {
        foreach (Oracles::of('time to bath-0.5') as $id => $row) {
            if (in_array((float) $row[0]['beta'], [0.0, 1.0, 2.0], true)) { // boxes between the shapes come with fractional exponents
                yield $id => $row;
            }
        }
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('bathTimes')]
    public function test_time_to_half_a_degree_under_the_bath(array $in, float $expectedMin, float $toleranceMin, string $source): void
    {
        $shape = Shape::cases()[(int) $in['beta']];
        $simulator = new Simulator(Body::of($shape, Length::ofMillimetres($in['thickness_mm'])), new ConstantMaterial($in['k'], 1000.0, $in['k'] / $in['alpha'] / 1000.0));
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
    public function test_the_series_used_here_has_the_published_first_eigenvalue(array $in, float $expected, float $tolerance, string $source): void
    {
        $shape = ['plane wall' => Shape::Slab, 'cylinder' => Shape::Cylinder, 'sphere' => Shape::Sphere][$in['geometry']];

        self::assertEqualsWithDelta($expected, ExactSeries::roots($shape, (float) $in['Bi'], 1)[0], $tolerance, $source);
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function carryOver(): Generator
    {
        yield from Oracles::of('adiabatic rise / (Tsurface-Tcore), parabolic');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('carryOver')]
    public function test_an_insulated_parabola_levels_out_at_its_volume_mean(array $in, float $expected, float $tolerance, string $source): void
    {
        $shape = ['slab' => Shape::Slab, 'cylinder' => Shape::Cylinder, 'sphere' => Shape::Sphere][$in['geometry']];
        $simulator = new Simulator(Body::of($shape, Length::ofMillimetres(60.0)), self::material(), 241);
        $core = $simulator->body->coreAtM;
        $parabola = array_map(static fn (float $r): float => 55.0 + 30.0 * (($r - $core) / 0.03) ** 2, $simulator->grid->depthM);
        $end = $simulator->runStage(new \Nessmark\Heat\Snapshot(0.0, $parabola), new Stage('rest', Face::insulated(), Face::insulated(), 50_000.0));

        self::assertEqualsWithDelta($expected, ($simulator->coreC($end->end) - 55.0) / 30.0, max($tolerance, 2e-4), $source);
    }

    private static function exactC(Shape $shape, float $bi, float $fo, float $x): float
    {
        return self::AROUND_C + (self::START_C - self::AROUND_C) * ExactSeries::theta($shape, $bi, $fo, $x);
    }

    private static function material(): ConstantMaterial
    {
        return new ConstantMaterial(0.45, 1070.0, 3500.0);
    }
}
