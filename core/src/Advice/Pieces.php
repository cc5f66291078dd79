<?php

declare(strict_types=1);

namespace Nessmark\Advice;

/** The pieces of one meal that are cooked or seasoned apart, each with its mark, all ready together. */
final readonly class Pieces
{
    private const MARKS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K', 'L'];

    private function __construct() {}

    /**
     * @param  non-empty-list<array{Ask, Cook, TimeRange}>  $cooked  the first is the one the ticket is written out for
     * @return list<array<string, mixed>> none where all eat alike
     */
    public static function of(array $cooked, Portions $portions): array
    {
        if (count($cooked) === 1) {
            return [];
        }
        $longestS = max(array_map(static fn (array $row): float => $row[1]->totalS(), $cooked));
        $pieces = [];
        foreach ($cooked as $i => [$ask, $cook, $open]) {
            $amounts = $portions->of($ask);
            $pieces[] = [
                'mark' => self::MARKS[$i], 'diners' => $amounts['diners'], 'at_risk' => $ask->isAnyoneAtRisk(), 'word' => $ask->doneness->word, 'avoid' => $ask->avoid,
                'raw_g' => $amounts['raw_g'], 'pieces' => $amounts['pieces'],
                'pull_core_c' => round($cook->pull->coreC, $cook->countsCarryOver ? 0 : 1), 'can_probe' => $cook->evidence->canProbe,
                'time' => $open->plus($cook->fixedHeatS())->toArray(),
                'goes_on_after_s' => round($longestS - $cook->totalS()),
                'verdict' => $cook->verdict->level->value,
            ];
        }

        return $pieces;
    }
}
