<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Heat\Moisture;

/** How wet a piece goes on the heat. */
enum Surface: string
{
    case Patted = 'patted';
    case Dried = 'dried';
    case Wet = 'wet';

    /**
     * Share of the surface that evaporates as if it were water. Patted dry: fitted (bin/calibrate). Hours uncovered in the fridge, or
     * straight from its bag: from the ends of the range that customary times allow, no source.
     */
    public function wetness(): float
    {
        return match ($this) {
            self::Dried => 0.3,
            self::Patted => Moisture::OF_MEAT,
            self::Wet => 0.9,
        };
    }
}
