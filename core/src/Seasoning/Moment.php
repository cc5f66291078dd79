<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** When a seasoning meets the meat. */
enum Moment: string
{
    case Salted = 'salted';
    case Soaked = 'soaked';
    case Before = 'before';
    case Last = 'last';
    case InPan = 'in_pan';
    case Rest = 'rest';
    case Plate = 'plate';

    /** It is on the meat while that is on the fire. */
    public function meetsTheFire(): bool
    {
        return in_array($this, [self::Salted, self::Soaked, self::Before, self::Last], true);
    }
}
