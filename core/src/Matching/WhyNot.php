<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Catalogue\Catalogue;
use Nessmark\Meat\Cut;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/**
 * Answers "why not that one?" for any cut: it is not there, it is ruled out, or something else is better, and by what.
 *
 * @phpstan-type Reply array{cut: Cut, in_case: bool, lead_days: int|null, place: int|null, score: float|null, best: Found|null,
 *     own: Found|null, worse_by: list<array{criterion: string, points: float, says: Phrase|null}>, refusals: list<Refusal>}
 */
final readonly class WhyNot
{
    public function __construct(private Matcher $matcher) {}

    /**
     * @param  list<Lot>  $lots
     * @return Reply
     */
    public function of(Wish $wish, array $lots, Cut $cut, Catalogue $catalogue): array
    {
        $its = array_values(array_filter($lots, static fn (Lot $lot): bool => $lot->cut->slug === $cut->slug));
        $leads = array_map(static fn (Lot $lot): int => $lot->leadDays, $its);
        $answer = $this->matcher->match($wish, $lots, $catalogue);
        $alone = $this->matcher->match($wish->for($wish->meat->ofOtherCuts([$cut->slug => 1.0])), $its, $catalogue);
        // Judged by the whole wish, so that it stands beside the others: a cut that was not named is as unlike the name as can be.
        $own =
            $this->matcher->ranked(
                $wish->for(
                    $wish->meat->ofOtherCuts($wish->meat->named === null ? null : [...[$cut->slug => 0.0], ...$wish->meat->named]),
                ),
                $its,
                1,
            )[0][0] ?? null;
        $best = $answer->matches[0] ?? null;
        $place = null;
        foreach ($answer->matches as $i => $match) {
            $place ??= $match->option->lot->cut->slug === $cut->slug ? $i + 1 : null;
        }

        return [
            'cut' => $cut,
            'in_case' => in_array(0, $leads, true),
            'lead_days' => $leads === [] ? null : min($leads),
            'place' => $place,
            'score' => $own?->score,
            'best' => $best,
            'own' => $own,
            'worse_by' => $own === null || $best === null || $place === 1 ? [] : self::worse($own, $best),
            'refusals' => $own === null ? $alone->refusals : [],
        ];
    }

    /** @return list<array{criterion: string, points: float, says: Phrase|null}> what the best one has over it, the most first */
    private static function worse(Found $own, Found $best): array
    {
        $mine = array_column($own->contributions, null, 'criterion');
        $worse = [];
        foreach ($best->contributions as $theirs) {
            $points = $theirs->points - ($mine[$theirs->criterion]->points ?? 0.0);
            if ($points >= 0.5) {
                $worse[] = ['criterion' => $theirs->criterion, 'points' => $points, 'says' => ($mine[$theirs->criterion] ?? null)?->says];
            }
        }
        usort($worse, static fn (array $a, array $b): int => $b['points'] <=> $a['points']);

        return $worse;
    }
}
