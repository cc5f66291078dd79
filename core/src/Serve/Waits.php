<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Method\Method;

/** How long cooked meat can wait for those who eat it. Common practice, no source. */
final readonly class Waits
{
    /** A rest may be longer by this before the meat is cold, a long one of a large piece by more; a braise is kept in its pot. */
    private const LEAST_S = 480.0;

    private const REST_SHARE = 1.5;

    private const IN_POT_S = 3600.0;

    private const IN_POT = [Method::Braise, Method::PotRoast, Method::Simmer, Method::Confit];

    private function __construct() {}

    public static function inItsPot(Method $method): bool
    {
        return in_array($method, self::IN_POT, true);
    }

    /** @param  float  $restS  its rest as planned */
    public static function seconds(Method $method, float $restS): float
    {
        return self::inItsPot($method) ? self::IN_POT_S : max(self::LEAST_S, self::REST_SHARE * $restS);
    }
}
