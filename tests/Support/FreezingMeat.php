<?php

declare(strict_types=1);

namespace Tests\Support;

use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\Composition;
use Nessmark\Heat\Material;

/**
 * Meat whose water turns to ice as it cools: ice by the lowering of the freezing point, its latent heat in the heat capacity
 * (Schwartzberg 1976, from memory), conductivity between thawed and frozen by the share of ice. For checking a formula with the engine.
 */
final readonly class FreezingMeat implements Material
{
    private const FREEZES_C = -1.0;

    private const LATENT_J_KG = 333.6e3;

    private const BOUND = 0.24;

    private const FROZEN_W_MK = 1.5;

    private const ICE_J_KGK = 2100.0;

    public function __construct(private Composition $composition) {}

    public function conductivityWMK(float $celsius): float
    {
        $thawed = ChoiOkos::conductivityWMK($this->composition, max(0.0, $celsius));

        return $thawed + (self::FROZEN_W_MK - $thawed) * $this->frozen($celsius);
    }

    public function heatCapacityJM3K(float $celsius): float
    {
        $density = ChoiOkos::densityKgM3($this->composition, 0.0);
        $thawed = ChoiOkos::specificHeatJKgK($this->composition, max(0.0, $celsius));
        if ($celsius >= self::FREEZES_C) {
            return $density * $thawed;
        }
        $water = $this->composition->fractions['water'] * $this->frozen($celsius);

        return $density *
            ($thawed -
                $water * (4180.0 - self::ICE_J_KGK) +
                (self::freezable($this->composition) * self::LATENT_J_KG * -self::FREEZES_C) / $celsius ** 2);
    }

    public function conductivitiesWMK(array $celsius): array
    {
        return array_values(array_map($this->conductivityWMK(...), $celsius));
    }

    public function heatCapacitiesJM3K(array $celsius): array
    {
        return array_values(array_map($this->heatCapacityJM3K(...), $celsius));
    }

    public function isConstant(): bool
    {
        return false;
    }

    /** Share of the freezable water that is ice. */
    private function frozen(float $celsius): float
    {
        return $celsius >= self::FREEZES_C ? 0.0 : 1.0 - self::FREEZES_C / $celsius;
    }

    private static function freezable(Composition $composition): float
    {
        $water = $composition->fractions['water'];

        return $water - self::BOUND * (1.0 - $water);
    }
}
