<?php

declare(strict_types=1);

namespace Nessmark\Heat;

use Nessmark\Quantity\Length;

/**
 * What is heated: a wide slab between face a and face b, or a long cylinder or a sphere with one face.
 * Depth runs from face a of a slab, and from the axis or centre of a round body.
 */
final readonly class Body
{
    private function __construct(public Shape $shape, public float $extentM, public float $coreAtM) {}

    /** The core lies at half the thickness unless a depth from face a is given. */
    public static function slab(Length $thickness, ?Length $coreFromFaceA = null): self
    {
        return new self(Shape::Slab, $thickness->toMetres(), $coreFromFaceA?->toMetres() ?? $thickness->toMetres() / 2.0);
    }

    public static function cylinder(Length $diameter): self
    {
        return new self(Shape::Cylinder, $diameter->toMetres() / 2.0, 0.0);
    }

    public static function sphere(Length $diameter): self
    {
        return new self(Shape::Sphere, $diameter->toMetres() / 2.0, 0.0);
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
