<?php

declare(strict_types=1);

namespace Nessmark\Heat;

use Nessmark\Quantity\Length;

/**
 * What is heated: a wide slab between face a and face b, or a round body with one face. Depth runs from face a of a slab, and
 * from the axis or centre of a round body.
 */
final readonly class Body
{
    /**
     * @param  float  $exponent  n in r⁻ⁿ ∂/∂r(rⁿ k ∂T/∂r): 0 slab, 1 long cylinder, 2 sphere, between them a piece of finite length
     * @param  float  $surfaceShare  surface per volume of the piece it stands for over its own
     * @param  float  $trueShare  thickness of the piece it stands for over its own
     */
    private function __construct(
        public bool $isSlab,
        public float $exponent,
        public float $extentM,
        public float $coreAtM,
        public float $surfaceShare = 1.0,
        public float $trueShare = 1.0,
    ) {}

    /** The core lies at half the thickness unless a depth from face a is given. */
    public static function slab(Length $thickness, ?Length $coreFromFaceA = null): self
    {
        return new self(true, 0.0, $thickness->toMetres(), $coreFromFaceA?->toMetres() ?? $thickness->toMetres() / 2.0);
    }

    public static function cylinder(Length $diameter): self
    {
        return self::finite($diameter, 1.0);
    }

    public static function sphere(Length $diameter): self
    {
        return self::finite($diameter, 2.0);
    }

    /**
     * A piece between the pure shapes, heated all round: a box 2:3:5 has exponent 0.28, 1:1:5 0.70, a cube 1.25.
     *
     * @param  Length  $thickness  the smallest dimension
     * @param  float  $exponent  0 to 2
     *
     * @see Baldwin (2012), Int. J. Gastronomy and Food Science 1, 15-30, for the exponents of boxes; from memory
     */
    public static function finite(Length $thickness, float $exponent): self
    {
        return new self(false, $exponent, $thickness->toMetres() / 2.0, 0.0);
    }

    /**
     * The simple body in place of a piece with ends.
     *
     * @param  Length  $matched  its own thickness or diameter
     * @param  float  $surfacePerM  of the piece, m² per m³
     *
     * @see Solid
     */
    public static function standingFor(Shape $kept, Length $matched, float $surfacePerM): self
    {
        $body = self::of($kept, $matched);
        $ownPerM = (2.0 * ($body->exponent + 1.0)) / $matched->toMetres();

        return new self($body->isSlab, $body->exponent, $body->extentM, $body->coreAtM, $surfacePerM / $ownPerM);
    }

    /** The same for a piece that is really so thick: a bird with its cavity. */
    public function drawnAs(Length $thickness): self
    {
        $ownM = $this->isSlab ? $this->extentM : 2.0 * $this->extentM;

        return new self(
            $this->isSlab,
            $this->exponent,
            $this->extentM,
            $this->coreAtM,
            $this->surfaceShare,
            $thickness->toMetres() / $ownM,
        );
    }

    /** The same for a piece that much larger in every direction. */
    public function scaled(float $factor): self
    {
        return new self(
            $this->isSlab,
            $this->exponent,
            $factor * $this->extentM,
            $factor * $this->coreAtM,
            $this->surfaceShare,
            $this->trueShare,
        );
    }

    public static function of(Shape $shape, Length $thicknessOrDiameter): self
    {
        return match ($shape) {
            Shape::Slab => self::slab($thicknessOrDiameter),
            Shape::Cylinder => self::cylinder($thicknessOrDiameter),
            Shape::Sphere => self::sphere($thicknessOrDiameter),
        };
    }
}
