<?php

declare(strict_types=1);

namespace Nessmark\Texture;

/**
 * How much of a fat cap's fat runs out, by the hottest it has been. Fat is liquid from about 45 °C on, but held in its cells; it
 * runs freely once their walls, of collagen, have shrunk: little at 60 °C, most at 90 °C. Common practice, no source.
 */
final class Rendering
{
    private const FROM_C = 60.0;

    private const MOST_AT_C = 90.0;

    /** The rest stays in the cells however hot. */
    private const MOST = 0.8;

    private function __construct() {}

    /** kg that runs out per kg of fat that has been as hot as this. */
    public static function renderedShare(float $hottestC): float
    {
        return self::MOST * max(0.0, min(1.0, ($hottestC - self::FROM_C) / (self::MOST_AT_C - self::FROM_C)));
    }
}
