<?php

declare(strict_types=1);

namespace Nessmark\Texture;

/**
 * How much weight lean meat lets go as its proteins shrink, by the hottest it has been: whole muscle kept about an hour. The
 * shape (a first rise from 45 °C on as the heads of myosin give, a second above 60 °C as collagen shrinks) and the figures are
 * those of water-bath experiments in the meat literature; from memory, ±5 percentage points.
 */
final class WaterHolding
{
    /** °C, kg/kg */
    private const LOST_AT = [
        [0.0, 0.0],
        [40.0, 0.01],
        [45.0, 0.03],
        [50.0, 0.06],
        [55.0, 0.1],
        [60.0, 0.16],
        [65.0, 0.23],
        [70.0, 0.28],
        [75.0, 0.32],
        [80.0, 0.35],
        [90.0, 0.38],
        [100.0, 0.4],
    ];

    private function __construct() {}

    /** kg lost per kg of raw lean that has been as hot as this. */
    public static function lostShare(float $hottestC): float
    {
        foreach (self::LOST_AT as $i => [$atC, $share]) {
            if ($hottestC <= $atC) {
                [$belowC, $below] = self::LOST_AT[max(0, $i - 1)];

                return $i === 0 ? 0.0 : $below + (($share - $below) * ($hottestC - $belowC)) / ($atC - $belowC);
            }
        }

        return self::LOST_AT[count(self::LOST_AT) - 1][1];
    }
}
