<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use DateTimeImmutable;
use Nessmark\Heat\Stage;
use Nessmark\Meal\Plate;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Hazard;
use Nessmark\Method\Method;
use Nessmark\Quantity\Moments;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Step;
use Nessmark\Ticket\TimelineLine;
use Nessmark\Ticket\TimeRange;

/** What the cook does, in order: seconds from the moment the meat meets the heat, and the clock where the hour of eating is known. */
final readonly class Timeline
{
    /** The surface is dried, and salted, this long before the meat goes on, s. Common practice, no source. */
    private const DRY_BEFORE_S = 300.0;

    /** Butter goes in for the last of it, or it burns, s. Common practice, no source. */
    private const BASTE_S = 60.0;

    /** What a row with the weight in it says better. */
    private const SAID_BY_SEASONING = ['do.prepare_season', 'do.prepare_confit'];

    /** What comes out of these is patted dry there and then. */
    private const DRIES_IT = ['season_do.out_of_marinade', 'season_do.out_of_brine'];

    private function __construct() {}

    /**
     * @param  list<array{float, Phrase}>  $otherPieces  what is done with each piece that is cooked apart, s from when the first goes on
     * @param  list<Step>  $seasoning  what is done with its seasoning
     * @return list<TimelineLine>
     */
    public static function of(
        Plate $plate,
        Cook $cook,
        TimeRange $open,
        bool $isByFork,
        array $otherPieces = [],
        array $seasoning = [],
    ): array {
        $firstS = min(0.0, 0.0, ...array_column($otherPieces, 0)); // the fire is ready for whatever goes on first
        $beforeS = $cook->ends[count($cook->plan->before)]->startedAtS;
        $onHeatAt = self::onHeatAtTheSoonest($plate, $cook, $open, $firstS);
        $lines = [
            self::line(
                $onHeatAt,
                $firstS - $cook->plan->preheatS,
                new Phrase("do.preheat_{$plate->way->method->value}", [
                    'heat_c' => $cook->heatC,
                    'sear_c' => $cook->plan->surfaceC['sear'],
                ]),
            ),
            self::line($onHeatAt, $firstS - self::DRY_BEFORE_S, new Phrase(Handling::prepare($plate))),
        ];
        if ($cook->plan->preheatS < self::DRY_BEFORE_S) {
            // thin metal is hot sooner than the meat is dried
            $lines = array_reverse($lines);
        }
        if ($plate->piece->outOfFridgeS > 0.0) {
            array_unshift($lines, self::line($onHeatAt, $firstS - $plate->piece->outOfFridgeS, new Phrase('do.take_out')));
        }
        $atS = 0.0;
        $baste = null;
        foreach ($cook->ends as $i => $end) {
            $stage = $end->stage;
            $isOpen = $i === count($cook->plan->before);
            $lengthS = $end->end->timeS - $end->startedAtS;
            $turns = $stage->flipEveryS !== null ? $stage->flipEveryS : 0.0;
            if ($isOpen && self::isBasted($plate) && $lengthS > 2.0 * self::BASTE_S) {
                $baste = self::line(
                    $onHeatAt,
                    $atS + $lengthS - self::BASTE_S,
                    new Phrase('do.baste'),
                    new TimeRange(self::BASTE_S, self::BASTE_S, self::BASTE_S),
                );
            }
            $lines[] = self::line(
                $onHeatAt,
                $atS,
                new Phrase(self::wording($plate, $stage), [
                    'surface_c' => $cook->plan->surfaceC[$stage->name] ?? 0.0,
                    'turn_every_s' => $turns,
                    'side_s' => $stage->flipAtS[0] ?? $lengthS / 2.0,
                ]),
                $isOpen ? $open : new TimeRange($lengthS, $lengthS, $lengthS),
            );
            $atS += $lengthS;
            if ($isOpen) {
                $lines = [...$lines, ...$baste === null ? [] : [$baste]];
                $lines[] = self::line(
                    $onHeatAt,
                    $atS,
                    $isByFork
                        ? new Phrase('do.pull_by_fork')
                        : ($cook->evidence->canProbe
                            ? new Phrase(Handling::probe($plate->piece->cut), [
                                'pull_c' => round($cook->pull->coreC, $cook->countsCarryOver ? 0 : 1),
                            ])
                            : new Phrase(Handling::sign($plate->piece->cut, $plate->way->method))),
                    null,
                    $open->plus($beforeS),
                );
            }
        }
        foreach ($otherPieces as [$pieceS, $do]) {
            $lines[] = self::line($onHeatAt, $pieceS, $do);
        }
        $lines = self::seasoned($lines, $seasoning, $onHeatAt, $firstS);
        if ($otherPieces !== [] || $seasoning !== []) {
            usort($lines, static fn (TimelineLine $a, TimelineLine $b): int => $a->atS <=> $b->atS); // equals stay as they are
        }

        return self::fromNow(
            [...$lines, self::line($onHeatAt, $atS, new Phrase(Handling::serve($plate->piece->cut)))],
            $onHeatAt,
            $plate->occasion->now,
        );
    }

    /** As it should be, or where that is past, as soon as the fire is ready: a row of an hour that is gone helps nobody. */
    private static function onHeatAtTheSoonest(Plate $plate, Cook $cook, TimeRange $open, float $firstS): ?DateTimeImmutable
    {
        $onHeatAt = self::onHeatAt($plate, $cook, $open);
        $now = $plate->occasion->now;
        $soonest = $now === null ? null : Moments::after($now, $cook->plan->preheatS - $firstS);

        return $onHeatAt === null || $soonest === null ? $onHeatAt : max($onHeatAt, $soonest);
    }

    /**
     * What should have been done already is done now.
     *
     * @param  list<TimelineLine>  $lines
     * @return list<TimelineLine>
     */
    private static function fromNow(array $lines, ?DateTimeImmutable $onHeatAt, ?DateTimeImmutable $now): array
    {
        if ($onHeatAt === null || $now === null) {
            return $lines;
        }
        $nowS = (int) Moments::between($onHeatAt, $now);

        return array_map(
            static fn (TimelineLine $line): TimelineLine => $line->atS >= $nowS
                ? $line
                : new TimelineLine($nowS, $now->format(DATE_ATOM), $line->do, $line->takes, $line->between),
            $lines,
        );
    }

    /**
     * Its own rows, each where it belongs; "season it" says the same as a row with the weight in it, and goes.
     *
     * @param  list<TimelineLine>  $lines
     * @param  list<Step>  $steps
     * @param  float  $firstS  when the first of the pieces goes on: what is done before the heat is done before that
     * @return list<TimelineLine>
     */
    private static function seasoned(array $lines, array $steps, ?DateTimeImmutable $onHeatAt, float $firstS): array
    {
        if ($steps === []) {
            return $lines;
        }
        $isDried = array_filter($steps, static fn (Step $step): bool => in_array($step->do->key, self::DRIES_IT, true)) !== [];
        $lines = array_values(
            array_filter(
                $lines,
                static fn (TimelineLine $line): bool => ! in_array($line->do->key, self::SAID_BY_SEASONING, true) &&
                    ! ($isDried && str_starts_with($line->do->key, 'do.dry')),
            ),
        );
        foreach ($steps as $step) {
            $lines[] = self::line($onHeatAt, $step->atS + ($step->atS < 0.0 ? $firstS : 0.0), $step->do, null, $step->takes);
        }

        return $lines;
    }

    /** Lean meat in a pan is basted: its own fat does not do it. */
    private static function isBasted(Plate $plate): bool
    {
        return $plate->way->method === Method::Pan && $plate->piece->cut->has(Hazard::Lean);
    }

    /** A round piece is rolled, not turned; a browned steak stays in its pan; what cooked covered rests covered. */
    private static function wording(Plate $plate, Stage $stage): string
    {
        if ($stage->name === 'simmer' && $plate->piece->cut->foodClass === FoodClass::Crustacean) {
            return 'do.boil';
        }
        if ($stage->name === 'pan' && $plate->piece->cut->isLooseMince()) {
            return 'do.pan_loose';
        }
        if ($stage->name === 'rest' && ($plate->way->method->restsCovered() || $plate->way->manner->restsLong)) {
            return $plate->way->method->restsCovered() ? 'do.rest_covered' : 'do.rest_long';
        }
        if ($stage->name === 'rest' && Handling::hasCrispSide($plate)) {
            return 'do.rest_skin';
        }
        if ($stage->name === 'oven' && $plate->way->method === Method::SearThenOven && ! $plate->piece->cut->build->isRound()) {
            return 'do.oven_in_pan';
        }
        $isRolled =
            $plate->piece->cut->build->isRound() &&
            in_array($stage->name, ['pan', 'grill', 'pan_covered', 'grill_covered', 'broil', 'stir_fry', 'sear'], true);

        if ($plate->way->manner->turnsOnce && $stage->flipEveryS !== null && ! $isRolled) {
            return 'do.turn_once';
        }

        return "do.{$stage->name}".($isRolled ? '_round' : '');
    }

    /** When the meat must meet the heat so that even the slow end of the range is eaten on time; null without an hour of eating. */
    public static function onHeatAt(Plate $plate, Cook $cook, TimeRange $open): ?DateTimeImmutable
    {
        if ($plate->occasion->eatAt === null) {
            return null;
        }
        $fixedS = $cook->totalS() - $cook->pull->openS;

        return Moments::after($plate->occasion->eatAt, -ceil($fixedS + $open->highS));
    }

    private static function line(
        ?DateTimeImmutable $onHeatAt,
        float $atS,
        Phrase $do,
        ?TimeRange $takes = null,
        ?TimeRange $between = null,
    ): TimelineLine {
        $seconds = (int) round($atS);

        return new TimelineLine(
            $seconds,
            $onHeatAt === null ? null : Moments::after($onHeatAt, $seconds)->format(DATE_ATOM),
            $do,
            $takes?->shown(),
            $between?->shown(),
        );
    }
}
