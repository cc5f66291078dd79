<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** How a cut is laid out for sale. */
enum Form: string
{
    case Steak = 'steak';
    case Chop = 'chop';
    case Roast = 'roast';
    case Ribs = 'ribs';
    case Dice = 'dice';
    case Thin = 'thin';
    case Mince = 'mince';
    case Fillet = 'fillet';
    case Leg = 'leg';
    case WholeBird = 'whole_bird';
    case WholeFish = 'whole_fish';
    case Shellfish = 'shellfish';
    case Organ = 'organ';

    /** Of the face of a flat piece. Common practice, no source. */
    public function lengthOverWidth(): float
    {
        return match ($this) {
            self::Mince, self::Shellfish, self::Dice => 1.0,
            self::Chop, self::Leg, self::WholeBird => 1.3,
            self::Steak, self::Roast, self::Organ => 1.5,
            self::Fillet, self::Thin => 2.0,
            self::Ribs, self::WholeFish => 2.5,
        };
    }
}
