<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Nessmark\Contract\SimulationCase;
use Nessmark\Contract\SimulationReport;
use Nessmark\Heat\Bessel;
use PHPUnit\Framework\TestCase;
use Tests\Support\EllipsoidModes;
use Tests\Support\ExactSeries;
use Tests\Support\RodInTwoDimensions;

/** Pieces with ends, against exact products of the series for slab and cylinder (Newman 1936), and against numerical solutions. */
final class SolidTest extends TestCase
{
    private const K = 0.48;

    private const RHO = 1060.0;

    private const CP = 3500.0;

    private const START_C = 5.0;

    private const AROUND_C = 180.0;

    public function test_a_hundred_random_boxes_and_rods_reach_their_aim_when_the_exact_product_does(): void
    {
        mt_srand(13);
        $off = [];
        for ($i = 0; $i < 100; $i++) {
            $biot = exp(self::between(log(0.3), log(100.0)));
            $mm = self::between(20.0, 120.0);
            $targetC = round(self::between(30.0, 80.0), 1);
            $parts = $i % 2 === 0
                ? [[0.0, $mm], [0.0, $mm * self::between(1.0, 3.0)]]
                : [[1.0, $mm], [0.0, $mm * self::between(0.5, 3.0)]];
            if ($i % 2 === 0) {
                $parts[] = [0.0, $parts[1][1] * self::between(1.0, 2.0)];
            }
            $body = $i % 2 === 0
                ? ['shape' => 'box', 'thickness_mm' => $mm, 'width_mm' => $parts[1][1], 'length_mm' => $parts[2][1]]
                : ['shape' => 'rod', 'diameter_mm' => $mm, 'length_mm' => $parts[1][1]];
            $h = ($biot * self::K) / ($mm / 2000.0);
            $exact = self::secondsTo($targetC, static fn (float $time): float => array_product(array_map(
                static fn (array $part): float => ExactSeries::theta(
                    $part[0],
                    ($h * $part[1]) / 2000.0 / self::K,
                    $time / ($part[1] / 2000.0) ** 2,
                    0.0,
                ),
                $parts,
            )));
            $off[] = abs(self::seconds($body, $h, $targetC) / $exact - 1.0);
        }
        sort($off);

        self::assertLessThan(0.05, $off[94]);
        self::assertLessThan(0.12, $off[99]);
    }

    public function test_ellipsoids_reach_their_aim_when_ritz_solution_does(): void
    {
        $h = 60.0;
        foreach ([[80.0, 80.0, 80.0], [70.0, 75.0, 150.0], [60.0, 110.0, 130.0], [40.0, 90.0, 200.0]] as $axes) {
            $modes = EllipsoidModes::of([$axes[0] / 2000.0, $axes[1] / 2000.0, $axes[2] / 2000.0], $h / self::K);
            $exact = self::secondsTo(60.0, $modes->theta(...));

            $ours = self::seconds(['shape' => 'ellipsoid', 'axes_mm' => $axes], $h, 60.0);

            self::assertEqualsWithDelta(1.0, $ours / $exact, 0.05, implode(' × ', $axes));
        }
    }

    public function test_a_drying_rod_keeps_to_a_finite_volume_solution_in_two_dimensions(): void
    {
        foreach ([[90.0, 90.0], [60.0, 120.0], [110.0, 150.0]] as [$mm, $lengthMm]) {
            $reference = (new RodInTwoDimensions($mm / 1000.0, $lengthMm / 1000.0, self::K, self::RHO, self::CP, 25.0, self::AROUND_C, 0.4))
                ->secondsTo(self::START_C, 60.0);
            $ours = self::seconds(['shape' => 'rod', 'diameter_mm' => $mm, 'length_mm' => $lengthMm], 25.0, 60.0, true);

            self::assertEqualsWithDelta(1.0, $ours / $reference, 0.07, "{$mm} × {$lengthMm}");
        }
    }

    public function test_bessel_functions_are_those_of_the_series(): void
    {
        foreach ([0.5, 2.9, 3.1, 7.0, 15.0] as $x) {
            $terms = [[1.0, 1.0], [0.5 * $x, 0.5 * $x]]; // order 0 and 1: the first term, and the sum
            for ($k = 1; $k < 60; $k++) {
                foreach ([0, 1] as $order) {
                    $terms[$order][0] *= (-$x * $x) / 4.0 / ($k * ($k + $order));
                    $terms[$order][1] += $terms[$order][0];
                }
            }

            self::assertEqualsWithDelta($terms[0][1], Bessel::j0($x), 2e-7);
            self::assertEqualsWithDelta($terms[1][1], Bessel::j1($x), 2e-7);
        }
    }

    /** @param  array<string, mixed>  $body */
    private static function seconds(array $body, float $h, float $targetC, bool $isWet = false): float
    {
        $report = SimulationReport::of(
            SimulationCase::fromArray([
                'body' => $body,
                'material' => ['k_w_mk' => self::K, 'rho_kg_m3' => self::RHO, 'cp_j_kgk' => self::CP],
                'start_c' => self::START_C,
                'wet_surface' => $isWet,
                'stages' => [
                    ['name' => 'oven', 'until_core_c' => 81.0, 'faces' => ['a' => ['h_w_m2k' => $h, 'ambient_c' => self::AROUND_C]]],
                ],
                'report' => ['core_targets_c' => [$targetC]],
            ]),
            31,
            0.05,
        );
        $reached = (array) $report['time_to_core_s'];

        return (float) reset($reached);
    }

    /** @param  callable(float): float  $theta  of α·t, m² */
    private static function secondsTo(float $targetC, callable $theta): float
    {
        $goal = (self::AROUND_C - $targetC) / (self::AROUND_C - self::START_C);
        [$low, $high] = [1e-6, 1.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = sqrt($low * $high);
            [$low, $high] = $theta($middle) > $goal ? [$middle, $high] : [$low, $middle];
        }

        return $low / (self::K / (self::RHO * self::CP));
    }

    private static function between(float $low, float $high): float
    {
        return $low + (($high - $low) * mt_rand()) / mt_getrandmax();
    }
}
