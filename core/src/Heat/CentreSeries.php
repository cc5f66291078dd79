<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * The centre of a slab, long cylinder or sphere put into unchanging surroundings: θ = (T∞ − T)/(T∞ − T₀) = Σ Cₙ exp(−ζₙ² Fo), with
 * Fo = α·t/a² and Bi = h·a/k over the half size a.
 *
 * @see Carslaw & Jaeger (1959), Conduction of Heat in Solids, 2nd ed., sections 3.11, 7.7 and 9.4
 */
final readonly class CentreSeries
{
    /** Terms kept: from Fo = 0.02 on they are right to 0.1 % at any Biot number; before, the centre has not begun to follow. */
    private const TERMS = 6;

    private const BEGINS_AT = 0.02;

    private const MOST_TRIES = 60;

    private const CLOSE = 1e-9;

    /** The sphere's condition holds at 0 too, and means nothing there. */
    private const OFF_THE_ORIGIN = 1e-6;

    /**
     * @param  list<float>  $squares  ζₙ²
     * @param  list<float>  $weights  Cₙ
     */
    private function __construct(private array $squares, private array $weights) {}

    /** @param  float  $biot  over 0 */
    public static function of(Shape $shape, float $biot): self
    {
        $squares = $weights = [];
        for ($n = 0; $n < self::TERMS; $n++) {
            $root = self::root($shape, $biot, $n);
            $squares[] = $root * $root;
            $weights[] = self::weight($shape, $root);
        }

        return new self($squares, $weights);
    }

    public function theta(float $fourier): float
    {
        if ($fourier < self::BEGINS_AT) {
            return 1.0;
        }
        $theta = 0.0;
        foreach ($this->squares as $n => $square) {
            $theta += $this->weights[$n] * exp(-$square * $fourier);
        }

        return min(1.0, max(0.0, $theta));
    }

    /** How late the centre begins to follow: the weight of the term that lasts. 1.27 at most for a slab, 2 for a sphere. */
    public function lag(): float
    {
        return $this->weights[0];
    }

    /** Where what comes through the film is what the inside takes: once between each pair of these bounds (regula falsi, Illinois). */
    private static function root(Shape $shape, float $biot, int $n): float
    {
        [$low, $high] = match ($shape) {
            Shape::Slab => [$n * M_PI, ($n + 0.5) * M_PI],
            Shape::Cylinder => [Bessel::J1_ZEROS[$n], Bessel::J0_ZEROS[$n]],
            Shape::Sphere => [$n * M_PI, ($n + 1) * M_PI],
        };
        $low += self::OFF_THE_ORIGIN;
        [$atLow, $atHigh] = [self::gap($shape, $biot, $low), self::gap($shape, $biot, $high)];
        for ($i = 0, $side = 0; $i < self::MOST_TRIES && $high - $low > self::CLOSE; $i++) {
            $root = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $here = self::gap($shape, $biot, $root);
            if (abs($here) < self::CLOSE) {
                return $root;
            }
            if ($here * $atHigh > 0.0) {
                [$high, $atHigh, $atLow, $side] = [$root, $here, $side === 1 ? $atLow / 2.0 : $atLow, 1];
            } else {
                [$low, $atLow, $atHigh, $side] = [$root, $here, $side === -1 ? $atHigh / 2.0 : $atHigh, -1];
            }
        }

        return 0.5 * ($low + $high);
    }

    private static function gap(Shape $shape, float $biot, float $root): float
    {
        return match ($shape) {
            Shape::Slab => $root * sin($root) - $biot * cos($root),
            Shape::Cylinder => $root * Bessel::j1($root) - $biot * Bessel::j0($root),
            Shape::Sphere => (1.0 - $biot) * sin($root) - $root * cos($root),
        };
    }

    private static function weight(Shape $shape, float $root): float
    {
        return match ($shape) {
            Shape::Slab => (4.0 * sin($root)) / (2.0 * $root + sin(2.0 * $root)),
            Shape::Cylinder => (2.0 * Bessel::j1($root)) / ($root * (Bessel::j0($root) ** 2 + Bessel::j1($root) ** 2)),
            Shape::Sphere => (4.0 * (sin($root) - $root * cos($root))) / (2.0 * $root - sin(2.0 * $root)),
        };
    }
}
