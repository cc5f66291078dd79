<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** How the animal of a lot lived: the counter knows, the species does not tell. */
enum Rearing: string
{
    case Farmed = 'farmed';
    case Wild = 'wild';
}
