<?php

declare(strict_types=1);

namespace Nessmark\Calibration;

/**
 * Bounded least squares: Gauss-Newton steps with Marquardt's damping, each unknown kept between 0 and 1. The slopes are differences.
 *
 * @see Marquardt (1963), J. SIAM 11, 431-441; from memory
 */
final class Fit
{
    private const STEP = 0.04;

    private const ROUNDS = 12;

    /** Rounds end when the sum falls by less than this share. */
    private const ENOUGH = 2e-3;

    /** A weak pull to where an unknown began, so that what the data do not tell stays as it was. */
    private const PRIOR = 0.15;

    /** @var list<list<float>> slopes of each residual by each unknown, at the end */
    public array $slopes = [];

    /**
     * @param  callable(list<float>): list<float>  $residuals
     * @param  list<float>  $start  0 to 1
     * @return list<float>
     */
    public function least(callable $residuals, array $start): array
    {
        $at = $start;
        $here = $residuals($at);
        $sum = self::sum($here, $at, $start);
        $damping = 0.01;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $this->slopes = self::slopes($residuals, $at, $here);
            $isBetter = false;
            for ($try = 0; $try < 6 && ! $isBetter; $try++) {
                $step = self::step($this->slopes, $here, $at, $start, $damping);
                $next = array_map(static fn (float $x, float $dx): float => max(0.0, min(1.0, $x + $dx)), $at, $step);
                $there = $residuals($next);
                $nextSum = self::sum($there, $next, $start);
                $isBetter = $nextSum < $sum;
                $damping *= $isBetter ? 0.4 : 4.0;
            }
            if (! $isBetter || $nextSum > $sum * (1.0 - self::ENOUGH)) {
                $at = $isBetter ? $next : $at;
                break;
            }
            [$at, $here, $sum] = [$next, $there, $nextSum];
        }

        return $at;
    }

    /**
     * @param  list<float>  $residuals
     * @param  list<float>  $at
     * @param  list<float>  $start
     */
    private static function sum(array $residuals, array $at, array $start): float
    {
        $sum = array_sum(array_map(static fn (float $r): float => $r * $r, $residuals));

        return $sum + self::PRIOR ** 2 * array_sum(array_map(static fn (float $x, float $s): float => ($x - $s) ** 2, $at, $start));
    }

    /**
     * @param  callable(list<float>): list<float>  $residuals
     * @param  list<float>  $at
     * @param  list<float>  $here
     * @return list<list<float>>
     */
    private static function slopes(callable $residuals, array $at, array $here): array
    {
        $slopes = array_fill(0, count($here), []);
        foreach ($at as $i => $x) {
            $step = $x > 0.5 ? -self::STEP : self::STEP;
            $moved = $at;
            $moved[$i] = $x + $step;
            foreach ($residuals(array_values($moved)) as $j => $there) {
                $slopes[$j][$i] = ($there - $here[$j]) / $step;
            }
        }

        return array_map(array_values(...), $slopes);
    }

    /**
     * Of (JᵀJ + damping + prior)·step = −Jᵀr, unknowns at a bound that would leave it held back.
     *
     * @param  list<list<float>>  $slopes
     * @param  list<float>  $here
     * @param  list<float>  $at
     * @param  list<float>  $start
     * @return list<float>
     */
    private static function step(array $slopes, array $here, array $at, array $start, float $damping): array
    {
        $n = count($at);
        $matrix = array_fill(0, $n, array_fill(0, $n, 0.0));
        $right = array_fill(0, $n, 0.0);
        foreach ($slopes as $j => $row) {
            foreach ($row as $i => $slope) {
                $right[$i] -= $slope * $here[$j];
                foreach ($row as $k => $other) {
                    $matrix[$i][$k] += $slope * $other;
                }
            }
        }
        for ($i = 0; $i < $n; $i++) {
            $right[$i] -= self::PRIOR ** 2 * ($at[$i] - $start[$i]);
            if (($at[$i] <= 0.0 && $right[$i] < 0.0) || ($at[$i] >= 1.0 && $right[$i] > 0.0)) {
                $matrix[$i] = array_fill(0, $n, 0.0);
                [$matrix[$i][$i], $right[$i]] = [1.0, 0.0];

                continue;
            }
            $matrix[$i][$i] += self::PRIOR ** 2 + $damping * max(0.05, $matrix[$i][$i]);
        }

        return self::solve($matrix, $right);
    }

    /**
     * Gauss, with pivots.
     *
     * @param  array<int, array<int, float>>  $matrix
     * @param  array<int, float>  $right
     * @return list<float>
     */
    private static function solve(array $matrix, array $right): array
    {
        $n = count($right);
        for ($i = 0; $i < $n; $i++) {
            $pivot = $i;
            for ($j = $i + 1; $j < $n; $j++) {
                $pivot = abs($matrix[$j][$i]) > abs($matrix[$pivot][$i]) ? $j : $pivot;
            }
            [$matrix[$i], $matrix[$pivot], $right[$i], $right[$pivot]] = [$matrix[$pivot], $matrix[$i], $right[$pivot], $right[$i]];
            for ($j = $i + 1; $j < $n; $j++) {
                $factor = $matrix[$j][$i] / $matrix[$i][$i];
                for ($k = $i; $k < $n; $k++) {
                    $matrix[$j][$k] -= $factor * $matrix[$i][$k];
                }
                $right[$j] -= $factor * $right[$i];
            }
        }
        $x = array_fill(0, $n, 0.0);
        for ($i = $n - 1; $i >= 0; $i--) {
            $sum = $right[$i];
            for ($k = $i + 1; $k < $n; $k++) {
                $sum -= $matrix[$i][$k] * $x[$k];
            }
            $x[$i] = $sum / $matrix[$i][$i];
        }

        return array_values($x);
    }
}
