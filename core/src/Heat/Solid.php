<?php

declare(strict_types=1);

namespace Nessmark\Heat;

use Nessmark\Quantity\Length;

/**
 * A piece as it really is, with its ends. Heat is followed along one dimension, in the simple body whose core reaches the aim when the
 * core of the real one does: by the exact solution for both, the product of those of the slabs and cylinders that the piece is where
 * they meet (Newman 1936). Mass, surface and drying stay those of the piece.
 *
 * @see Carslaw & Jaeger (1959), Conduction of Heat in Solids, 2nd ed., section 1.15 (products)
 */
final readonly class Solid
{
    /** The match is made no nearer to the start and no nearer to the surroundings than this, θ. */
    private const EARLIEST = 0.95;

    private const LATEST = 0.08;

    private const LEAST_BIOT = 1e-3;

    private const MOST_BIOT = 500.0;

    /** The size found is right to this share. */
    private const CLOSE = 1e-4;

    private const MOST_TRIES = 40;

    /** Exponent of the surface of an ellipsoid by its axes (Thomsen's formula, within 1.1 %; from memory). */
    private const THOMSEN = 1.6075;

    /**
     * @param  non-empty-list<array{Shape, float}>  $parts  half the size of each in m: the first is its thickness, the others end it
     * @param  array{float, float}|null  $rounded  the other two half axes of an ellipsoid over the first
     */
    private function __construct(
        private array $parts,
        private float $volumeM3,
        private float $facesM2,
        private float $endsM2,
        private ?array $rounded = null,
    ) {}

    /** Cut off square at both ends. */
    public static function rod(Length $diameter, Length $length): self
    {
        [$d, $l] = [$diameter->toMetres(), $length->toMetres()];

        return new self(
            [[Shape::Cylinder, $d / 2.0], [Shape::Slab, $l / 2.0]],
            (M_PI / 4.0) * $d ** 2 * $l,
            M_PI * $d * $l,
            (M_PI / 2.0) * $d ** 2,
        );
    }

    public static function box(Length $thickness, Length $width, Length $length): self
    {
        [$t, $w, $l] = [$thickness->toMetres(), $width->toMetres(), $length->toMetres()];

        return new self(
            [[Shape::Slab, $t / 2.0], [Shape::Slab, $w / 2.0], [Shape::Slab, $l / 2.0]],
            $t * $w * $l,
            2.0 * $w * $l,
            2.0 * $t * ($w + $l),
        );
    }

    /** Three full axes, the shortest first. */
    public static function ellipsoid(Length $shortest, Length $middle, Length $longest): self
    {
        [$a, $b, $c] = [$shortest->toMetres() / 2.0, $middle->toMetres() / 2.0, $longest->toMetres() / 2.0];
        $power = static fn (float $product): float => $product ** self::THOMSEN;
        $mean = (($power($a * $b) + $power($b * $c) + $power($c * $a)) / 3.0) ** (1.0 / self::THOMSEN);

        return new self([[Shape::Sphere, $a]], (4.0 / 3.0) * M_PI * $a * $b * $c, 4.0 * M_PI * $mean, 0.0, [$b / $a, $c / $a]);
    }

    /**
     * @param  Shape  $kept  the simple body it is followed as
     * @param  float  $conductivityWMK  of the meat when it is warm
     * @param  float  $aimC  of the core
     * @param  float  $endShare  how much of what the faces meet its ends do: 1 in air and water, less where only the faces touch the fire
     */
    public function as(
        Shape $kept,
        Surroundings $around,
        float $conductivityWMK,
        float $startC,
        float $aimC,
        float $endShare = 1.0,
    ): Body {
        $half = $this->parts[0][1];
        $theta = ($around->celsius - $aimC) / self::notZero($around->celsius - $startC);
        $theta = max(self::LATEST, min(self::EARLIEST, $theta));
        $perMetre = $around->hWM2K / $conductivityWMK;
        $time = $this->timeTo($theta, $perMetre, $endShare);
        // At its own true size a long piece is the simple body itself; ends make it quicker, a thicker middle slower.
        $short = static function (float $size) use ($kept, $perMetre, $theta, $time): float {
            $series = CentreSeries::of($kept, self::biot($perMetre * $size));

            return log($series->theta($time / $size ** 2) / $theta);
        };
        $matched = exp(self::zero(static fn (float $logSize): float => $short(exp($logSize)), log(0.3 * $half), log(4.0 * $half)));

        return Body::standingFor(
            $kept,
            Length::ofMetres(2.0 * $matched),
            ($this->facesM2 + $endShare * $this->endsM2) / $this->volumeM3,
        );
    }

    /** The simple body that lags as this one does, or nearest to it. */
    public function nearest(float $perMetre): Shape
    {
        $lag = 1.0;
        foreach ($this->parts as [$shape, $half]) {
            $lag *= CentreSeries::of($shape, self::biot($perMetre * $half))->lag();
        }
        $half = $this->parts[0][1];
        if ($this->rounded !== null) {
            return Shape::Sphere;
        }
        $off = static fn (Shape $shape): float => abs(CentreSeries::of($shape, self::biot($perMetre * $half))->lag() - $lag);
        $shapes = Shape::cases();
        usort($shapes, static fn (Shape $a, Shape $b): int => $off($a) <=> $off($b));

        return $shapes[0];
    }

    /** α·t in m² until the centre has θ left. */
    private function timeTo(float $theta, float $perMetre, float $endShare): float
    {
        $parts = [];
        $solid = $this->rounded === null ? $this->parts : [[Shape::Sphere, $this->asSphere($theta, $perMetre)]];
        foreach ($solid as $i => [$shape, $half]) {
            $share = $i === 0 ? 1.0 : $endShare;
            $parts[] = [CentreSeries::of($shape, self::biot($share * $perMetre * $half)), $half ** 2];
        }
        $left = static function (float $logTime) use ($parts, $theta): float {
            $product = 1.0;
            foreach ($parts as [$series, $square]) {
                $product *= $series->theta(exp($logTime) / $square);
            }

            return log($theta / max(1e-12, $product));
        };
        $square = $this->parts[0][1] ** 2;

        return exp(self::zero($left, log(1e-3 * $square), log(1e4 * $square)));
    }

    /**
     * The sphere that is as slow as an ellipsoid, its radius in m: a mean of the half axes whose exponent was fitted to Ritz' solution for
     * 72 ellipsoids up to 1:2.5:6, Biot 0.3 to 100, θ 0.2 to 0.8, within 2 % (0.7 % on average).
     */
    private function asSphere(float $theta, float $perMetre): float
    {
        $half = $this->parts[0][1];
        $film = $perMetre * $half;
        $strong = $film / ($film + 3.0);
        $mean = 1.0 + 0.7 * $strong + (0.4 + 1.4 * $strong) * $theta ** 2;
        [$b, $c] = $this->rounded ?? [1.0, 1.0];

        return $half * (3.0 / (1.0 + $b ** -$mean + $c ** -$mean)) ** (1.0 / $mean);
    }

    /**
     * Of a function that rises (regula falsi, Illinois).
     *
     * @param  callable(float): float  $rising
     */
    private static function zero(callable $rising, float $low, float $high): float
    {
        [$below, $above, $side] = [$rising($low), $rising($high), 0];
        for ($i = 0; $i < self::MOST_TRIES && $high - $low > self::CLOSE; $i++) {
            $try = $i % 3 === 2 ? 0.5 * ($low + $high) : $low - ($below * ($high - $low)) / self::notZero($above - $below);
            $there = $rising($try);
            if (abs($there) < self::CLOSE) {
                return $try;
            }
            if ($there > 0.0) {
                [$high, $above, $below] = [$try, $there, $side === 1 ? $below / 2.0 : $below];
                $side = 1;
            } else {
                [$low, $below, $above] = [$try, $there, $side === -1 ? $above / 2.0 : $above];
                $side = -1;
            }
        }

        return 0.5 * ($low + $high);
    }

    private static function biot(float $biot): float
    {
        return max(self::LEAST_BIOT, min(self::MOST_BIOT, $biot));
    }

    private static function notZero(float $value): float
    {
        return abs($value) < 1e-12 ? 1e-12 : $value;
    }
}
