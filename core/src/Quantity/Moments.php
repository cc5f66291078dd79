<?php

declare(strict_types=1);

namespace Nessmark\Quantity;

use DateTimeImmutable;

/** Moments so many seconds apart, whatever the clocks are changed to between them: adding to a clock's face is wrong for a night. */
final readonly class Moments
{
    private function __construct() {}

    /** @param  float  $seconds  before it, where less than nothing */
    public static function after(DateTimeImmutable $moment, float $seconds): DateTimeImmutable
    {
        return $moment->setTimestamp($moment->getTimestamp() + (int) round($seconds));
    }

    /** Seconds from one to the other. */
    public static function between(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return (float) ($to->getTimestamp() - $from->getTimestamp());
    }
}
