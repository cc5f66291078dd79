<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Eris\Generators;
use Eris\TestTrait;
use Generator;
use Nessmark\Heat\Body;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\Composition;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\EndedBy;
use Nessmark\Heat\Face;
use Nessmark\Heat\Material;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Heat\StageEnd;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What any march must show, whatever the piece: convergence, balance, order, symmetry. */
final class MarchTest extends TestCase
{
    use TestTrait;

    public function test_turning_and_resting_agree_with_a_mesh_four_times_as_fine(): void
    {
        $coarse = self::turnedAndRested(61);
        $fine = self::turnedAndRested(241);
        $gaps = [];
        foreach ([0, 1] as $stage) {
            $a = $coarse[$stage]->end->celsius;
            $b = $fine[$stage]->end->celsius;
            $gaps[] = abs($a[0] - $b[0]);
            $gaps[] = abs($a[30] - $b[120]);
            $gaps[] = abs($a[60] - $b[240]);
        }

        self::assertLessThan(0.1, max($gaps));
    }

    public function test_halving_the_cells_quarters_the_error(): void
    {
        $centre = static function (int $cells): float {
            $simulator = new Simulator(Body::slab(Length::ofMillimetres(40.0)), self::lean(), $cells, 1e-5);
            $face = Face::surrounding(400.0, 150.0);
            $end = $simulator->runStage($simulator->start(5.0), new Stage('heat', $face, $face, 900.0));

            return $simulator->coreC($end->end);
        };
        $exact = $centre(241);
        $order = log(abs($centre(16 + 1) - $exact) / abs($centre(32 + 1) - $exact), 2);

        self::assertEqualsWithDelta(2.0, $order, 0.25, 'second order in space');
    }

    /** @return Generator<string, array{Shape, Material, Face, Face}> */
    public static function balances(): Generator
    {
        $hot = Face::surrounding(300.0, 200.0);
        $air = Face::surrounding(12.0, 25.0);
        $glow = Face::surrounding(10.0, 60.0, 0.95, 600.0);
        yield 'slab, one side' => [Shape::Slab, self::lean(), $hot, $air];
        yield 'slab, surface held' => [Shape::Slab, self::lean(), Face::fixed(95.0), Face::insulated()];
        yield 'slab, properties change' => [Shape::Slab, self::beef(), $hot, $air];
        yield 'slab, radiant fire' => [Shape::Slab, self::beef(), $glow, $air];
        yield 'cylinder' => [Shape::Cylinder, self::beef(), $hot, $hot];
        yield 'sphere' => [Shape::Sphere, self::lean(), $hot, $hot];
    }

    #[DataProvider('balances')]
    public function test_heat_that_came_in_is_heat_that_is_there(Shape $shape, Material $material, Face $a, Face $b): void
    {
        $simulator = new Simulator(Body::of($shape, Length::ofMillimetres(40.0)), $material);
        $end = $simulator->runStage(
            $simulator->start(5.0),
            new Stage('heat', $a, $b, 1200.0, null, $shape === Shape::Slab ? [300.0, 600.0] : []),
        );
        $stored = 0.0;
        foreach ($end->end->celsius as $i => $celsius) {
            $stored += $simulator->grid->volume[$i] * self::enthalpy($material, 5.0, $celsius);
        }

        self::assertEqualsWithDelta(1.0, $end->end->heatInJ / $stored, 0.001, 'energy balance within 0.1 %');
    }

    public function test_equal_faces_give_a_mirrored_profile(): void
    {
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(33.0)), self::beef());
        $face = Face::surrounding(150.0, 170.0);
        $celsius = $simulator->runStage($simulator->start(4.0), new Stage('heat', $face, $face, 700.0))->end->celsius;

        self::assertEqualsWithDelta(array_reverse($celsius), $celsius, 1e-6);
    }

    public function test_a_cooling_core_is_waited_for_on_the_way_down(): void
    {
        // Worked example of the exact series: an 80 mm slab from 60 °C in air at 2 °C, h 25, reaches 21 °C at its core after 13,960.7 s.
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(80.0)), self::lean());
        $air = Face::surrounding(25.0, 2.0);
        $end = $simulator->runStage($simulator->start(60.0), new Stage('cool', $air, $air, null, 21.0));

        self::assertEqualsWithDelta(13_960.7, $end->end->timeS, 20.0, 'computed from the exact series');
    }

    public function test_a_core_that_cannot_get_there_ends_at_the_limit(): void
    {
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(20.0)), self::lean());
        $bath = Face::surrounding(95.0, 55.0);

        self::assertSame(EndedBy::Limit, $simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, null, 56.0))->by);
    }

    public function test_thicker_is_never_faster_and_hotter_never_slower(): void
    {
        $this->limitTo(40)
            ->forAll(
                Generators::elements(Shape::cases()),
                Generators::choose(10, 120),
                Generators::choose(20, 900),
                Generators::choose(75, 300),
            )
            ->then(function (Shape $shape, int $mm, int $h, int $fireC): void {
                $base = self::secondsTo60($shape, $mm, $h, $fireC);

                self::assertGreaterThan($base, self::secondsTo60($shape, $mm + 2, $h, $fireC), 'thicker');
                self::assertLessThan($base, self::secondsTo60($shape, $mm, $h, $fireC + 5), 'hotter');
            });
    }

    public function test_every_depth_stays_between_the_coldest_and_hottest_it_meets(): void
    {
        $this->limitTo(60)
            ->forAll(
                Generators::choose(2, 150),
                Generators::choose(5, 3000),
                Generators::choose(-20, 400),
                Generators::choose(0, 40),
                Generators::choose(1, 4000),
            )
            ->then(function (int $mm, int $h, int $aroundC, int $startC, int $seconds): void {
                $simulator = new Simulator(Body::slab(Length::ofMillimetres($mm)), self::lean());
                $face = Face::surrounding($h, $aroundC);
                $celsius = $simulator->runStage(
                    $simulator->start($startC),
                    new Stage('heat', $face, Face::insulated(), $seconds, null, [], 30.0),
                )->end->celsius;

                self::assertGreaterThanOrEqual(min($startC, $aroundC) - 0.05, min($celsius));
                self::assertLessThanOrEqual(max($startC, $aroundC) + 0.05, max($celsius));
            });
    }

    private static function secondsTo60(Shape $shape, float $mm, float $h, float $fireC): float
    {
        $simulator = new Simulator(Body::of($shape, Length::ofMillimetres($mm)), self::lean());
        $face = Face::surrounding($h, $fireC);

        return $simulator->runStage($simulator->start(5.0), new Stage('heat', $face, $face, null, 60.0))->end->timeS;
    }

    /** @return list<StageEnd> */
    private static function turnedAndRested(int $cells): array
    {
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(25.0)), self::lean(), $cells);
        $air = Face::surrounding(10.0, 22.0);

        return $simulator->run($simulator->start(5.0), [
            new Stage('sear', Face::surrounding(500.0, 230.0), Face::surrounding(12.0, 25.0), 480.0, null, [], 60.0),
            new Stage('rest', $air, $air, 300.0),
        ]);
    }

    private static function enthalpy(Material $material, float $fromC, float $toC): float
    {
        $sum = 0.0;
        for ($i = 0; $i < 200; $i++) {
            $sum += $material->heatCapacityJM3K($fromC + (($toC - $fromC) * ($i + 0.5)) / 200.0);
        }

        return ($sum / 200.0) * ($toC - $fromC);
    }

    private static function lean(): ConstantMaterial
    {
        return new ConstantMaterial(0.45, 1070.0, 3500.0);
    }

    private static function beef(): ComposedMaterial
    {
        return new ComposedMaterial(Composition::ofMassFractions(['water' => 0.72, 'protein' => 0.215, 'fat' => 0.055, 'ash' => 0.01]));
    }
}
