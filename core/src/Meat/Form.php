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
}
