<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Meat\Cut;
use Nessmark\Meat\Form;

/** What ends a cook: a core at its temperature, or meat that has become tender. */
final readonly class Until
{
    public const LONG_COOKED = 'long_cooked';

    /** The ways in which what is sold to be cooked long becomes tender. Common practice, no source. */
    private const LONG = [Method::Braise, Method::Parcel, Method::Smoke, Method::OvenRoast, Method::Spit, Method::Simmer, Method::Confit];

    /** The legs of fat birds are done when their fat has run out and their sinews give, not at the core of a breast, kg/kg. */
    private const FAT_LEG = 0.25;

    private function __construct() {}

    /** No braise ends pink: whatever meat is in it is done when a fork goes in. */
    public static function isTender(Cut $cut, Method $method): bool
    {
        $isFatLeg = $cut->isBird() && $cut->form === Form::Leg && $cut->fatFraction() >= self::FAT_LEG;

        return $cut->donenessFamily === self::LONG_COOKED || $isFatLeg
            ? in_array($method, self::LONG, true) || ($method === Method::Grill && $cut->form === Form::Ribs)
            : in_array($method, [Method::Braise, Method::Parcel, Method::Confit], true) && ! $cut->isFish() && $cut->form !== Form::Mince;
    }

    /** The family whose words it is asked for in. */
    public static function family(Cut $cut, Method $method): string
    {
        return self::isTender($cut, $method) ? self::LONG_COOKED : $cut->donenessFamily;
    }
}
