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

    /**
     * The same for many places at once; the march asks for all nodes in one call, which is what makes it fast.
     *
     * @param  array<int, float>  $celsius
     * @return list<float> W/(m·K)
     */
    public function conductivitiesWMK(array $celsius): array;

    /**
     * @param  array<int, float>  $celsius
     * @return list<float> J/(m³·K)
     */
    public function heatCapacitiesJM3K(array $celsius): array;

    /** True when neither figure changes with temperature. */
    public function isConstant(): bool;
}
