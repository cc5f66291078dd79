<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Heat\Shape;
use Nessmark\Quantity\Length;

/**
 * Salt or flavour moving in from the surface, which stays at what is outside; one coefficient. Series of Crank, The Mathematics of
 * Diffusion (1975), for plate, cylinder and sphere.
 */
final readonly class Diffusion
{
    private const TERMS = 60;

    private const BISECTIONS = 60;

    /** Zeros of the Bessel function J0: tables, and McMahon's expansion beyond. */
    private const J0_ZEROS = [2.404825558, 5.52007811, 8.653727913, 11.791534439, 14.930917708];

    /** @param  float  $dM2S  coefficient, m²/s */
    public function __construct(private float $dM2S) {}

    /**
     * Mean uptake, as a share of what it would come to in the end.
     *
     * @param  Length  $thickness  from face to face, or the diameter
     */
    public function share(Shape $shape, Length $thickness, float $seconds): float
    {
        $fourier = ($this->dM2S * max(0.0, $seconds)) / ($thickness->toMetres() / 2.0) ** 2;
        $left = 0.0;
        for ($n = 1; $n <= self::TERMS; $n++) {
            [$weight, $rate] = match ($shape) {
                Shape::Slab => [8.0 / (M_PI * (2 * $n - 1)) ** 2, ((M_PI * (2 * $n - 1)) / 2.0) ** 2],
                Shape::Cylinder => [4.0 / self::zero($n) ** 2, self::zero($n) ** 2],
                Shape::Sphere => [6.0 / (M_PI * $n) ** 2, (M_PI * $n) ** 2],
            };
            $left += $weight * exp(-$rate * $fourier);
        }

        // in the first moments the series is cut short: what got in is never less than nothing
        return $fourier === 0.0 ? 0.0 : max(0.0, min(1.0, 1.0 - $left));
    }

    /** How long until that share is in, s. */
    public function secondsTo(float $share, Shape $shape, Length $thickness): float
    {
        [$low, $high] = [0.0, ($thickness->toMetres() ** 2 * 2.0) / $this->dM2S];
        for ($i = 0; $i < self::BISECTIONS; $i++) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = $this->share($shape, $thickness, $middle) < $share ? [$middle, $high] : [$low, $middle];
        }

        return 0.5 * ($low + $high);
    }

    /** How far it has come: 2·√(D·t). */
    public function depth(float $seconds): Length
    {
        return Length::ofMillimetres(2000.0 * sqrt($this->dM2S * max(0.0, $seconds)));
    }

    private static function zero(int $n): float
    {
        $beta = ($n - 0.25) * M_PI;

        return self::J0_ZEROS[$n - 1] ?? $beta + 1.0 / (8.0 * $beta);
    }
}
