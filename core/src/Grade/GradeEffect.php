<?php

declare(strict_types=1);

namespace Nessmark\Grade;

use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\Composition;
use Nessmark\Meat\Cut;
use Nessmark\Say\Phrase;

/** What the fat a grade stands for changes when the cut is cooked. */
final readonly class GradeEffect
{
    /**
     * Below this fat a steak is lean, from the next on it forgives, per cent. Common
     * practice, no source.
     */
    private const LEAN_BELOW_PCT = 3.0;

    private const FORGIVES_FROM_PCT = 6.0;

    /** A well-marbled steak forgives being taken so far past its doneness, K. Common practice, no source. */
    private const FORGIVES_K = 5.0;

    private const RICH_PORTION_G = [150, 200];

    private const RICH_GRIDDLE_C = [235, 250];

    /** Quite lean meat, to compare with, kg/kg. Common practice, no source. */
    private const QUITE_LEAN = 0.02;

    /** Less than this is not worth saying, per cent. */
    private const WORTH_SAYING_PCT = 1.0;

    /** Properties are compared at this temperature, °C: about the middle of a cook. */
    private const COMPARED_AT_C = 40.0;

    private function __construct() {}

    /** @return list<Phrase> */
    public static function on(Cut $cut, FatBand $fat): array
    {
        $change = self::timeChangePct($cut, $fat);

        $effects = [
            new Phrase(
                match (true) {
                    $fat->meanPct < self::LEAN_BELOW_PCT => 'grade.lean',
                    $fat->meanPct < self::FORGIVES_FROM_PCT => 'grade.usual',
                    $fat->meanPct < 100.0 * Cut::VERY_RICH_FROM => 'grade.forgives',
                    default => 'grade.very_rich',
                },
                [
                    'forgives_k' => self::FORGIVES_K,
                    'least_g' => self::RICH_PORTION_G[0],
                    'most_g' => self::RICH_PORTION_G[1],
                    'from_c' => self::RICH_GRIDDLE_C[0],
                    'to_c' => self::RICH_GRIDDLE_C[1],
                ],
            ),
        ];
        if (abs($change) >= self::WORTH_SAYING_PCT) {
            $effects[] = new Phrase($change > 0.0 ? 'grade.slower' : 'grade.quicker', ['change_pct' => round(abs($change))]);
        }

        return $effects;
    }

    /**
     * Longer or shorter time to the same core at the same thickness, per cent, beside quite lean meat of the same cut: time goes
     * with the inverse of thermal diffusivity (Choi and Okos 1986 for both compositions).
     */
    public static function timeChangePct(Cut $cut, FatBand $fat): float
    {
        $diffusivity = static function (Composition $composition) use ($cut): float {
            $material = new ComposedMaterial($composition, $cut->fibre);

            return $material->conductivityWMK(self::COMPARED_AT_C) / $material->heatCapacityJM3K(self::COMPARED_AT_C);
        };

        return 100.0 *
            ($diffusivity($cut->composition->withFat(self::QUITE_LEAN)) /
                $diffusivity($cut->composition->withFat($fat->meanPct / 100.0)) -
                1.0);
    }
}
