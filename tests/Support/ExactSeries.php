<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The exact solution of transient conduction with convection for any exponent β in r^β (0 slab, 1 cylinder, 2 sphere, boxes
 * between), by its eigenfunction series; independent of the program. θ = Σ Cₙ exp(−ζₙ² Fo) φ(ζₙ x), x from the core (0) to the
 * surface (1); ν = (β − 1)/2, φ(z) = Γ(ν+1)(2/z)^ν J_ν(z), ζ J_{ν+1}(ζ) = Bi J_ν(ζ).
 *
 * @see Carslaw & Jaeger (1959), Conduction of Heat in Solids, 2nd ed., sections 3.11, 7.7 and 9.4, for β = 0, 1, 2
 */
final class ExactSeries
{
    /** Roots up to here: past it the series of φ loses digits, and exp(−ζ² Fo) is nothing for Fo of 0.05 and more. */
    private const LARGEST_ROOT = 24.0;

    /** @var array<string, list<float>> */
    private static array $known = [];

    /** (T − T∞) / (T₀ − T∞), Fo 0.05 and more */
    public static function theta(float $exponent, float $bi, float $fo, float $x): float
    {
        $nu = ($exponent - 1.0) / 2.0;
        $sum = 0.0;
        foreach (self::roots($exponent, $bi) as $zeta) {
            $sum += self::coefficient($exponent, $bi, $zeta) * exp(-$zeta * $zeta * $fo) * self::mode($nu, $zeta * $x);
        }

        return $sum;
    }

    /** @return list<float> */
    public static function roots(float $exponent, float $bi): array
    {
        return self::$known["{$exponent} {$bi}"] ??= self::search(($exponent - 1.0) / 2.0, $bi);
    }

    public static function coefficient(float $exponent, float $bi, float $zeta): float
    {
        $nu = ($exponent - 1.0) / 2.0;

        return 2.0 * $bi / (($zeta ** 2 + $bi ** 2 - 2.0 * $nu * $bi) * self::mode($nu, $zeta));
    }

    /** @return list<float> */
    private static function search(float $nu, float $bi): array
    {
        $condition = static fn (float $z): float => $z * $z / (2.0 * ($nu + 1.0)) * self::mode($nu + 1.0, $z) - $bi * self::mode($nu, $z);
        $roots = [];
        for ($low = 1e-9; $low < self::LARGEST_ROOT; $low += 0.02) {
            if ($condition($low) * $condition($low + 0.02) <= 0.0) {
                $roots[] = self::bisect($condition, $low, $low + 0.02);
            }
        }

        return $roots;
    }

    /** φ_ν(z) by its power series, Σ (−z²/4)^k / (k! (ν+1)…(ν+k)). */
    private static function mode(float $nu, float $z): float
    {
        $term = $sum = 1.0;
        for ($k = 1; $k < 120 && abs($term) > 1e-18; $k++) {
            $term *= -$z * $z / (4.0 * $k * ($nu + $k));
            $sum += $term;
        }

        return $sum;
    }

    /** @param  callable(float): float  $f */
    private static function bisect(callable $f, float $low, float $high): float
    {
        $isNegativeLow = $f($low) < 0.0;
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2.0;
            if (($f($middle) < 0.0) === $isNegativeLow) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2.0;
    }
}
