<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Cubic interpolation inside one time step, from the values and rates at its two ends. */
final class Hermite
{
    private function __construct() {}

    /** @param  float  $share 0 at the start of the step, 1 at its end */
    public static function at(float $share, float $stepS, float $from, float $fromRate, float $to, float $toRate): float
    {
        $rest = 1.0 - $share;

        return $from * $rest * $rest * (1.0 + 2.0 * $share)
            + $to * $share * $share * (3.0 - 2.0 * $share)
            + $stepS * $share * $rest * ($fromRate * $rest - $toRate * $share);
    }

    /**
     * The share of the step at which the value first meets a level that lies between its two ends.
     */
    public static function crossing(float $level, float $stepS, float $from, float $fromRate, float $to, float $toRate): float
    {
        $low = 0.0;
        $high = 1.0;
        $rising = $to > $from;
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2.0;
            $isBefore = (self::at($middle, $stepS, $from, $fromRate, $to, $toRate) < $level) === $rising;
            if ($isBefore) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }
}
