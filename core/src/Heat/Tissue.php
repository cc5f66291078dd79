<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** What a layer is made of when it is not the lean of the case itself. */
enum Tissue: string
{
    case Skin = 'skin';
    case Fat = 'fat';
    case Lean = 'lean';

    private const WEIGHED_AT_C = 5.0;

    /** Of this layer; the lean is the case's own. */
    public function material(Material $lean): Material
    {
        $composition = $this->composition();

        return $composition === null ? $lean : new ComposedMaterial($composition);
    }

    /** Density of this layer, kg/m³; the lean's is the case's own. */
    public function densityKgM3(float $leanKgM3): float
    {
        $composition = $this->composition();

        return $composition === null ? $leanKgM3 : ChoiOkos::densityKgM3($composition, self::WEIGHED_AT_C);
    }

    /** Water in this layer, kg/m³; the lean's is the case's own. */
    public function waterKgM3(float $leanKgM3): float
    {
        $composition = $this->composition();

        return $composition === null
            ? $leanKgM3
            : ($composition->fractions['water'] ?? 0.0) * ChoiOkos::densityKgM3($composition, self::WEIGHED_AT_C);
    }

    /** kg of fat per kg of this layer; none is known of the lean's. */
    public function fatFraction(): float
    {
        return $this->composition()->fractions['fat'] ?? 0.0;
    }

    /** Raw pork backfat and raw chicken skin after the USDA National Nutrient Database, Standard Reference; from memory, rounded. */
    private function composition(): ?Composition
    {
        return match ($this) {
            self::Skin => Composition::ofMassFractions(['water' => 0.54, 'protein' => 0.13, 'fat' => 0.32, 'ash' => 0.01]),
            self::Fat => Composition::ofMassFractions(['water' => 0.08, 'protein' => 0.03, 'fat' => 0.88, 'ash' => 0.01]),
            self::Lean => null,
        };
    }
}
