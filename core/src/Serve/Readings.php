<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Ticket\HeatRibbon;
use Nessmark\Ticket\Reading;

/** The way of the core to the moment it comes off, for whoever looks in between: read off the computed curve. */
final readonly class Readings
{
    /** As fine as a kitchen looks, K; and no more rows than one takes in. Common practice, no source. */
    private const STEPS_K = [2.0, 5.0, 10.0];

    private const MOST = 9;

    private function __construct() {}

    /**
     * @param  float  $pullC  where it comes off
     * @param  float  $offS  when it comes off by the curve, s from when it goes on
     * @return list<Reading> rising; the last is the one it comes off at
     */
    public static function of(HeatRibbon $curve, float $pullC, float $offS): array
    {
        $startC = $curve->coreC[0];
        foreach (self::STEPS_K as $stepK) {
            if (($pullC - $startC) / $stepK <= self::MOST) {
                break;
            }
        }
        $rows = [];
        for ($coreC = $pullC; $coreC > $startC && count($rows) < self::MOST; $coreC -= $stepK) {
            $atS = self::reachedS($curve, $coreC);
            if ($atS !== null) {
                array_unshift($rows, new Reading(round($coreC, 1), round(max(0.0, $offS - $atS), -1)));
            }
        }

        return $rows;
    }

    private static function reachedS(HeatRibbon $curve, float $coreC): ?float
    {
        foreach ($curve->coreC as $i => $c) {
            if ($c < $coreC) {
                continue;
            }
            if ($i === 0) {
                return 0.0;
            }
            [$c0, $t0] = [$curve->coreC[$i - 1], $curve->timeS[$i - 1]];

            return $t0 + (($curve->timeS[$i] - $t0) * ($coreC - $c0)) / max(1e-6, $c - $c0);
        }

        return null;
    }
}
