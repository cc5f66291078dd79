<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** What is done so that nothing burns. */
enum Mend: string
{
    case Last = 'last';
    case AfterHeat = 'after_heat';
    case WipeOff = 'wipe_off';
    case Clarify = 'clarify';
    case DryLonger = 'dry_longer';
    case LowerFire = 'lower_fire';
}
