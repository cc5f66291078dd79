<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** The one-dimensional bodies heat is followed in. */
enum Shape: string
{
    case Slab = 'slab';
    case Cylinder = 'cylinder';
    case Sphere = 'sphere';

    /** n in r⁻ⁿ ∂/∂r(rⁿ k ∂T/∂r). */
    public function exponent(): int
    {
        return match ($this) {
            self::Slab => 0,
            self::Cylinder => 1,
            self::Sphere => 2,
        };
    }
}
