<?php

declare(strict_types=1);

namespace Nessmark\Heat;

use Nessmark\Meat\Composition;

/** What a layer is made of when it is not the lean of the case itself. */
enum Tissue: string
{
    case Skin = 'skin';
    case Fat = 'fat';
    case Lean = 'lean';

    /**
     * The material of this layer; the lean is the case's own.
     *
     * Raw pork backfat and raw chicken skin after the USDA National Nutrient Database, Standard Reference; from memory, rounded.
     */
    public function material(Material $lean): Material
    {
        return match ($this) {
            self::Skin => new ComposedMaterial(Composition::ofMassFractions(['water' => 0.54, 'protein' => 0.13, 'fat' => 0.32, 'ash' => 0.01])),
            self::Fat => new ComposedMaterial(Composition::ofMassFractions(['water' => 0.08, 'protein' => 0.03, 'fat' => 0.88, 'ash' => 0.01])),
            self::Lean => $lean,
        };
    }
}
