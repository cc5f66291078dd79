<?php

declare(strict_types=1);

namespace Nessmark\Heat;

use Nessmark\Errors\QuantityOutOfRange;

/** A material whose figures are given once and hold at every temperature. */
final readonly class ConstantMaterial implements Material
{
    /** @throws QuantityOutOfRange if a figure is not above zero */
    public function __construct(
        private float $conductivityWMK,
        private float $densityKgM3,
        private float $specificHeatJKgK,
    ) {
        foreach (['conductivity' => $conductivityWMK, 'density' => $densityKgM3, 'specific_heat' => $specificHeatJKgK] as $name => $value) {
            if (! is_finite($value) || $value <= 0.0) {
                throw QuantityOutOfRange::notPositive($name, $value);
            }
        }
    }

    public function conductivityWMK(float $celsius): float
    {
        return $this->conductivityWMK;
    }

    public function heatCapacityJM3K(float $celsius): float
    {
        return $this->densityKgM3 * $this->specificHeatJKgK;
    }

    public function conductivitiesWMK(array $celsius): array
    {
        return array_fill(0, count($celsius), $this->conductivityWMK);
    }

    public function heatCapacitiesJM3K(array $celsius): array
    {
        return array_fill(0, count($celsius), $this->densityKgM3 * $this->specificHeatJKgK);
    }

    public function isConstant(): bool
    {
        return true;
    }
}
