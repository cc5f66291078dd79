<?php

declare(strict_types=1);

namespace Tests\Support;

use Nessmark\Heat\Shape;

/**
 * The exact solution of transient conduction with convection, by its eigenfunction series; independent of the program.
 * θ = Σ Cₙ exp(−ζₙ² Fo) φ(ζₙ x), x from the core (0) to the surface (1).
 *
 * @see Carslaw & Jaeger (1959), Conduction of Heat in Solids, 2nd ed., sections 3.11, 7.7 and 9.4
 */
final class ExactSeries
{
    private const TERMS = 60;

    /** @var array<string, list<float>> */
    private static array $known = [];

    /** (T − T∞) / (T₀ − T∞) */
    public static function theta(Shape $shape, float $bi, float $fo, float $x): float
    {
        $sum = 0.0;
        foreach (self::$known["{$shape->value} {$bi}"] ??= self::roots($shape, $bi) as $zeta) {
            $sum += self::coefficient($shape, $zeta) * exp(-$zeta * $zeta * $fo) * self::mode($shape, $zeta * $x);
        }

        return $sum;
    }

    /** @return list<float> */
    public static function roots(Shape $shape, float $bi, int $terms = self::TERMS): array
    {
        $roots = [];
        for ($n = 0; $n < $terms; $n++) {
            // Each interval holds one root: tan, J1/J0 and cot repeat (nearly) every π.
            [$low, $high] = match ($shape) {
                Shape::Slab => [$n * M_PI, ($n + 0.5) * M_PI],
                Shape::Cylinder => [$n === 0 ? 0.0 : self::zeroOfJ1($n), self::zeroOfJ0($n + 1)],
                Shape::Sphere => [$n * M_PI, ($n + 1) * M_PI],
            };
            $roots[] = self::bisect(static fn (float $z): float => self::condition($shape, $z, $bi), $low + 1e-12, $high - 1e-12);
        }

        return $roots;
    }

    public static function coefficient(Shape $shape, float $zeta): float
    {
        return match ($shape) {
            Shape::Slab => 4.0 * sin($zeta) / (2.0 * $zeta + sin(2.0 * $zeta)),
            Shape::Cylinder => 2.0 / $zeta * self::bessel(1, $zeta) / (self::bessel(0, $zeta) ** 2 + self::bessel(1, $zeta) ** 2),
            Shape::Sphere => 4.0 * (sin($zeta) - $zeta * cos($zeta)) / (2.0 * $zeta - sin(2.0 * $zeta)),
        };
    }

    private static function condition(Shape $shape, float $z, float $bi): float
    {
        return match ($shape) {
            Shape::Slab => $z * sin($z) - $bi * cos($z),
            Shape::Cylinder => $z * self::bessel(1, $z) - $bi * self::bessel(0, $z),
            Shape::Sphere => sin($z) * (1.0 - $bi) - $z * cos($z),
        };
    }

    private static function mode(Shape $shape, float $y): float
    {
        return match ($shape) {
            Shape::Slab => cos($y),
            Shape::Cylinder => self::bessel(0, $y),
            Shape::Sphere => $y < 1e-9 ? 1.0 : sin($y) / $y,
        };
    }

    /** Bessel's own integral; the trapezoid rule is exact to rounding for a periodic integrand. */
    private static function bessel(int $order, float $x): float
    {
        $points = 64 + 2 * (int) $x;
        $sum = 0.0;
        for ($k = 0; $k < $points; $k++) {
            $tau = 2.0 * M_PI * $k / $points;
            $sum += cos($order * $tau - $x * sin($tau));
        }

        return $sum / $points;
    }

    private static function zeroOfJ0(int $n): float
    {
        return self::bisect(static fn (float $x): float => self::bessel(0, $x), ($n - 0.5) * M_PI, ($n + 0.0) * M_PI);
    }

    private static function zeroOfJ1(int $n): float
    {
        return self::bisect(static fn (float $x): float => self::bessel(1, $x), $n * M_PI, ($n + 0.5) * M_PI);
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
