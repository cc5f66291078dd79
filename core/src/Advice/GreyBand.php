<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Meal\Plate;

/** The band under the faces that is done beyond the word asked for; thin where the fire was gentle or the piece turned often. */
final readonly class GreyBand
{
    private function __construct() {}

    /**
     * @param  list<array{float, float}>  $peaks  depth, mm, rising; highest temperature reached there, °C
     * @return float|null mm from a face, both faces of a slab averaged; null where the scale has no word beyond the one asked for
     */
    public static function mm(Plate $plate, array $peaks, DonenessTable $doneness): ?float
    {
        $words = $doneness->words($plate->piece->cut->donenessFamily, $plate->occasion->scale);
        $at = array_search($plate->share->doneness->word, array_map(static fn (DonenessWord $word): string => $word->word, $words), true);
        $beyond = $at === false ? null : $words[$at + 1] ?? null;
        if ($beyond === null) {
            return null;
        }
        $outer = self::depthMm(array_reverse($peaks), $beyond->fromC);
        $mm = $plate->piece->cut->build->isRound() ? $outer : (self::depthMm($peaks, $beyond->fromC) + $outer) / 2.0;

        return round(min($mm, $plate->piece->size->thickness->toMillimetres() / 2.0), 1);
    }

    /**
     * How far in from the first point the temperature stays above a bound, mm.
     *
     * @param  list<array{float, float}>  $peaks
     */
    private static function depthMm(array $peaks, float $boundC): float
    {
        [$faceMm, $hotterC] = $peaks[0];
        $hotterMm = $faceMm;
        foreach ($peaks as [$mm, $celsius]) {
            if ($celsius <= $boundC) {
                return $hotterC > $boundC
                    ? abs($hotterMm + (($hotterC - $boundC) / ($hotterC - $celsius)) * ($mm - $hotterMm) - $faceMm)
                    : 0.0;
            }
            [$hotterMm, $hotterC] = [$mm, $celsius];
        }

        return abs($hotterMm - $faceMm);
    }
}
