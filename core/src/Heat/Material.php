<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** What a body is made of, as heat sees it. */
interface Material
{
    /** Thermal conductivity, W/(m·K). */
    public function conductivityWMK(float $celsius): float;

    /** Density times specific heat, J/(m³·K). */
    public function heatCapacityJM3K(float $celsius): float;

    /** True when neither figure changes with temperature. */
    public function isConstant(): bool;
}
