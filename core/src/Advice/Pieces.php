<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Meal\Plate;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Finding;
use Nessmark\Ticket\TicketPiece;
use Nessmark\Ticket\TimeRange;

/** The pieces of one meal that are cooked or seasoned apart, each with its mark, all ready together. */
final readonly class Pieces
{
    public const MARKS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K', 'L'];

    private function __construct() {}

    /**
     * What safety says of the pieces, each finding with the marks of those it is about: two that say the same of different figures stay
     * two.
     *
     * @param  list<Cook>  $cooks  of all the shares
     * @return list<Finding>
     */
    public static function findings(array $cooks): array
    {
        $said = $marks = [];
        foreach ($cooks as $i => $cook) {
            foreach ($cook->verdict->findings as $finding) {
                $key = serialize($finding); // two of the same figures are one
                $said[$key] = $finding;
                $marks[$key][] = self::MARKS[$i];
            }
        }
        $findings = [];
        foreach ($said as $key => $finding) {
            $of = count($cooks) === 1 ? [] : $marks[$key];
            $findings[] = new Finding(
                implode(' ', [$finding->phrase->key, ...$of]),
                $of,
                $finding->level,
                $finding->phrase,
                $finding->sources,
            );
        }

        return $findings;
    }

    /**
     * @param  list<TicketPiece>  $pieces
     * @return list<string> of each piece of meat in turn; one for what is weighed out
     */
    public static function marks(array $pieces): array
    {
        return array_merge(
            ...array_map(static fn (TicketPiece $piece): array => array_fill(0, max(1, $piece->pieces ?? 1), $piece->mark), $pieces),
        );
    }

    /**
     * @param  non-empty-list<array{Plate, Cook, TimeRange}>  $cooked  the first is the one the ticket is written out for
     * @return list<TicketPiece> none where all eat alike
     */
    public static function of(array $cooked): array
    {
        if (count($cooked) === 1) {
            return [];
        }
        $finishS = self::finishS($cooked);
        $pieces = [];
        foreach ($cooked as $i => [$plate, $cook, $open]) {
            $pieces[] = new TicketPiece(
                self::MARKS[$i],
                $plate->share->eaters->heads(),
                $plate->share->eaters->isAnyoneAtRisk(),
                $plate->share->doneness->word,
                $plate->share->avoid,
                round($plate->piece->raw()->toGrams()),
                $plate->piece->count,
                round($cook->pull->coreC, $cook->countsCarryOver ? 0 : 1),
                $cook->evidence->canProbe,
                $open->plus($cook->fixedHeatS())->shown(),
                round(max($finishS) - $finishS[$i]),
                Timeline::onHeatAt($plate, $cook, $open)?->format(DATE_ATOM),
                $cook->verdict->level,
            );
        }

        return $pieces;
    }

    /**
     * When each of the others goes on, beside the first: they are all ready together, even at the slow end of their range.
     *
     * @param  non-empty-list<array{Plate, Cook, TimeRange}>  $cooked
     * @return array<string, float> s by mark; negative for what goes on before the first
     */
    public static function goOnS(array $cooked): array
    {
        $finishS = self::finishS($cooked);
        $goOn = [];
        foreach (array_slice($finishS, 1) as $i => $seconds) {
            $goOn[self::MARKS[$i + 1]] = $finishS[0] - $seconds;
        }

        return $goOn;
    }

    /**
     * What is to be done with each of the others: on, and off again by its own sign.
     *
     * @param  non-empty-list<array{Plate, Cook, TimeRange}>  $cooked
     * @param  callable(Plate): bool  $isByFork
     * @return list<array{float, Phrase}> s from when the first goes on
     */
    public static function steps(array $cooked, callable $isByFork): array
    {
        $steps = [];
        foreach (self::goOnS($cooked) as $mark => $onS) {
            [$plate, $cook] = $cooked[(int) array_search($mark, self::MARKS, true)];
            $offS = $onS + $cook->totalS() - $cook->plan->restS();
            $steps[] = [$onS, new Phrase('do.piece_on', ['mark' => $mark])];
            $steps[] = [
                $offS,
                match (true) {
                    $isByFork($plate) => new Phrase('do.piece_off_by_fork', ['mark' => $mark]),
                    $cook->evidence->canProbe => new Phrase('do.piece_off', [
                        'mark' => $mark,
                        'pull_c' => round($cook->pull->coreC, $cook->countsCarryOver ? 0 : 1),
                    ]),
                    default => new Phrase('do.piece_off_by_time', ['mark' => $mark]),
                },
            ];
        }

        return $steps;
    }

    /**
     * @param  non-empty-list<array{Plate, Cook, TimeRange}>  $cooked
     * @return non-empty-list<float> from the heat to the plate at the slow end, s
     */
    private static function finishS(array $cooked): array
    {
        return array_map(static fn (array $row): float => $row[1]->totalS() + $row[2]->highS - $row[2]->likelyS, $cooked);
    }
}
