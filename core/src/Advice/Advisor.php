<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Errors\InputRefused;
use Nessmark\Heat\Body;
use Nessmark\Heat\CoreTrace;
use Nessmark\Meal\Plate;
use Nessmark\Method\Method;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\MethodTable;
use Nessmark\Method\Planner;
use Nessmark\Method\Pull;
use Nessmark\Method\PullFinder;
use Nessmark\Method\PullNotFound;
use Nessmark\Method\Setting;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Temperature;
use Nessmark\Safety\CookEvidence;
use Nessmark\Safety\HeldLongEnough;
use Nessmark\Safety\Judge;
use Nessmark\Safety\SafetyRules;
use Nessmark\Texture\LongCook;
use Nessmark\Ticket\Effect;
use Nessmark\Ticket\TimeRange;

/** From an ask to a computed cook with its verdict. Safety sees the plan last. */
final readonly class Advisor
{
    /** A plan that aims at its minimum or above is warmed by these steps until it does: its coldest depth need not be its core. */
    private const WARMER_K = [1.0, 1.0, 1.0, 1.0, 2.0, 2.0, 2.0, 2.0, 2.0, 2.0, 2.0, 2.0];

    /** Kept longer than the printed hold, so that a clock read late or early does not matter, s. Common practice, no source. */
    private const HOLD_MARGIN_S = 60.0;

    /** Cells of the cook that is shown: against many more, its core stands within 0.1 K and its times within 1 %. */
    public const CELLS = 45;

    /** The search for the pull runs coarser than the cook that is shown; it moves the peak by less than 0.1 K. */
    private const SEARCH_CELLS = 31;

    private const SEARCH_TOLERANCE_K = 0.02;

    /** A ticket shows tenths of a degree at best; this keeps each step of its run well inside that. */
    public const TOLERANCE_K = 0.01;

    /** Half-way is found coarsely: seconds do not matter to it. */
    private const ONCE_ROUNDS = 3;

    private const ONCE_CELLS = 21;

    private const ONCE_TOLERANCE_K = 0.1;

    private const ONCE_CLOSE_K = 0.3;

    /** Steps of a fire's setting, K. */
    private const MARK_K = 5.0;

    /** A batter is as brown as it should be so much sooner or later. Common practice, no source. */
    private const COLOUR_SHARE = 0.2;

    /** So far past its minimum, no doubt about the fire counts any more, K. Ours. */
    private const WELL_PAST_K = 8.0;

    private Planner $planner;

    private Judge $judge;

    private Watchers $watchers;

    public function __construct(
        private Kitchen $kitchen,
        private MethodTable $methods,
        private SafetyRules $rules,
        private LongCook $texture,
    ) {
        $this->planner = new Planner($kitchen, $methods);
        $this->judge = new Judge($rules);
        $this->watchers = new Watchers($rules, $this->judge, $texture);
    }

    public static function from(DataFolder $folder): self
    {
        return new self(
            Kitchen::from($folder),
            MethodTable::from($folder),
            SafetyRules::from($folder),
            LongCook::from($folder),
        );
    }

    /**
     * @return array{Cook, TimeRange, list<Effect>} the cook, the time of its open stage, and what that time hangs on
     *
     * @throws InputRefused if no plan can end at the doneness asked for
     */
    public function advise(Plate $plate): array
    {
        $advice = $this->adviseAsSet($plate);
        $isBurnt = $this->isBurnt($plate, $advice[0]);
        if ($plate->way->heat === null && ! $isBurnt && $plate->way->method->driesTheSurface() && $advice[0]->verdict->isTooSlow()) {
            return $this->justFastEnough($plate, $advice);
        }
        $fitting = [];
        foreach ($plate->way->heat === null ? $this->otherHeatsC($plate, $advice[0]) : [] as $heatC) {
            try {
                $other = $this->adviseAsSet($plate->cooked($plate->way->at(Temperature::ofCelsius($heatC))));
            } catch (InputRefused) {
                continue; // the fire it was first set to says better why it will not do
            }
            if (! $other[0]->verdict->isTooSlow() && ! $this->isBurnt($plate, $other[0])) {
                $fitting[] = $other;
            }
        }
        if ($isBurnt && $fitting === []) {
            $mm = $plate->piece->size->thickness->toMillimetres();
            throw InputRefused::one('thickness_mm', 'unreachable', $mm, 'thicker_or_other_way', ['method' => $plate->way->method->value]);
        }
        usort($fitting, static fn (array $a, array $b): int => $a[0]->saw(CoreTrace::class)->maxC <=> $b[0]->saw(CoreTrace::class)->maxC);

        return $fitting[0] ?? $advice;
    }

    /**
     * Nobody set the fire, and what is too slow to be safe goes on the gentlest that is not: looked for in steps an oven is marked in.
     *
     * @param  array{Cook, TimeRange, list<Effect>}  $slow
     * @return array{Cook, TimeRange, list<Effect>}
     */
    private function justFastEnough(Plate $plate, array $slow): array
    {
        $appliance = $this->kitchen->appliance($plate->way->method->appliances()[0], $plate->way->fires);
        [$low, $high, $found] = [$slow[0]->heatC, $appliance->hottestC, $slow];
        while ($high - $low > self::MARK_K) {
            $middle = self::MARK_K * round((0.5 * ($low + $high)) / self::MARK_K);
            if ($middle <= $low || $middle >= $high) {
                break;
            }
            try {
                $other = $this->adviseAsSet($plate->cooked($plate->way->at(Temperature::ofCelsius($middle))));
            } catch (InputRefused) {
                $high = $middle; // past its target before it begins: gentler, then

                continue;
            }
            $isFine = ! $other[0]->verdict->isTooSlow() && ! $this->isBurnt($plate, $other[0]);
            [$low, $high, $found] = $isFine ? [$low, $middle, $other] : [$middle, $high, $found];
        }

        return $found;
    }

    /**
     * Nobody set the fire. What would burn goes on a gentler one, or on one hot enough not to
     * leave it standing half done while it dries.
     *
     * @return list<float> °C
     */
    private function otherHeatsC(Plate $plate, Cook $cook): array
    {
        $appliance = $this->kitchen->appliance($plate->way->method->appliances()[0], $plate->way->fires);
        $endsC = match (true) {
            ! $plate->way->method->driesTheSurface() => [],
            $this->isBurnt($plate, $cook) => [max($appliance->coolestC, $this->leastOvenC($plate) ?? 0.0), $appliance->hottestC],
            default => [],
        };
        $heatsC = [];
        foreach ($endsC as $endC) {
            $heatsC = $endC === $cook->heatC ? $heatsC : [...$heatsC, round(0.5 * ($cook->heatC + $endC)), $endC];
        }

        return $heatsC;
    }

    /** Meat with water in it gets no hotter than water boils; what does has been dried to leather, whatever the clock said. */
    private function isBurnt(Plate $plate, Cook $cook): bool
    {
        return $plate->way->method->driesTheSurface() && $cook->saw(CoreTrace::class)->maxC > $this->rules->limits->of('hottest_core_c');
    }

    /** @return array{Cook, TimeRange, list<Effect>} */
    private function adviseAsSet(Plate $plate): array
    {
        $plate = $this->turnedOnce($plate);
        $mustMeet = $this->judge->mustMeetMinimum($plate->serving()) || $plate->share->doneness->word === DonenessWord::OFFICIAL_MINIMUM;
        $officialC = $this->rules->of($plate->occasion->house->standard, $plate->piece->cut)->officialC;
        $targetC = $plate->share->doneness->targetC;
        $cook = $this->cook($plate, $targetC, $mustMeet, null);
        // A plan that aims at the minimum and just misses its hold is warmed until it is met; one that aims lower is judged as it is.
        foreach ($targetC >= $officialC ? self::WARMER_K : [] as $warmerK) {
            if ($cook->verdict->meetsOfficialMinimum) {
                break;
            }
            $targetC += $warmerK;
            $cook = $this->cook($plate, $targetC, $mustMeet, null);
        }

        $appliance = $this->kitchen->appliance($plate->way->method->appliances()[0], $plate->way->fires);
        $setting = $this->setting($plate, $targetC, 0.0)->at($cook->heatC);
        $mark = $this->mark($plate);
        // What goes by the clock alone has to be at its minimum however slow the fire; the rest of its time is the hold after that.
        $goesByClock = $mustMeet && $mark === null && ! $cook->evidence->canProbe;
        $delayedToC = $goesByClock ? min($cook->pull->coreC, $officialC) : $cook->pull->coreC;
        $body = $cook->simulator->body;
        [$range, $effects] =
            $mark !== null
                ? (new TextureSpread($this->planner, $this->texture))->of($plate, $body, $setting, $mark, $cook->pull->openS)
                : (new Spread($this->planner))->of($plate, $body, $appliance, $setting, $delayedToC, $cook->pull->openS);
        $isByColour = $cook->pull->openS <= $cook->plan->leastS;
        if ($isByColour) {
            [$leastS, $mostS] = [(1.0 - self::COLOUR_SHARE) * $range->likelyS, (1.0 + self::COLOUR_SHARE) * $range->likelyS];
            $range = new TimeRange($leastS, $range->likelyS, $mostS);
        }
        if ($goesByClock && ! ($isByColour && $cook->pull->coreC >= $officialC + self::WELL_PAST_K)) {
            // Nobody can measure this core, so it stays on for the long end of the range.
            $cook = $this->cook($plate, $targetC, true, $range->highS);
            $range = new TimeRange($range->highS, $range->highS, $range->highS);
        }
        $cook = $cook->judged($this->judge->judge($plate->serving(), $cook->evidence->longerBy($range->highS - $range->likelyS)));

        return [$cook, $range, $effects];
    }

    private function cook(Plate $plate, float $targetC, bool $mustMeet, ?float $openS): Cook
    {
        $setting = $this->setting($plate, $targetC, $this->holdS($plate, $targetC, $mustMeet));
        $plan = $this->planner->plan($plate->piece->cut, $plate->piece->size, $plate->way->method, $setting);
        // A plan that aims below a minimum it cannot hold is laid out as it was asked for, and judged as that.
        $isAsAsked =
            ! $mustMeet ||
            ($targetC < $this->rules->of($plate->occasion->house->standard, $plate->piece->cut)->officialC &&
                $setting->holdS <= 0.0);
        $countsCarryOver = $isAsAsked && $plate->way->method->countsCarryOver();
        $body = $this->body($plate, $plan);
        $specimen = self::specimen($plate, $body, self::CELLS, self::TOLERANCE_K);
        [$simulator, $start] = [$specimen->simulator, $specimen->start];
        $watch = $this->watchers->over($plate, $specimen);
        try {
            [$ended, $countsCarryOver] =
                $openS !== null ? [$plan->endingAfter($openS), false] : $this->ended($plate, $plan, $body, $targetC, $countsCarryOver);
            $ends = $simulator->run($start, $ended->stages(), $watch->all());
            $opened = $ends[count($plan->before)];
            $pull = Pull::of($simulator, $opened, $targetC);
            $longestS = $this->methods->longestS($this->mark($plate) === null ? $plate->way->method : null);
            if ($opened->end->timeS > $longestS) {
                throw PullNotFound::tooLong($targetC);
            }
        } catch (PullNotFound $notFound) {
            throw $this->refusal($plate, $notFound, $setting->heatC);
        }
        $plan = $plan->endingAfter($pull->openS);
        $heatedS = $ends[count($ends) - 1]->end->timeS - $plan->restS();
        $isHeld = $plan->after !== [] && $plan->after[0]->name === Planner::HOLD;
        $watchedC = $this->judge->watchedC($plate->occasion->house->standard);
        $core = $watch->saw(CoreTrace::class);
        $evidence = new CookEvidence(
            $watch->saw(HeldLongEnough::class),
            $plate->piece->start->toCelsius(),
            $core->maxC,
            array_combine(array_map(CookEvidence::key(...), $watchedC), $core->reachedAtS),
            $heatedS,
            $ends[count($plan->before) + ($isHeld ? 1 : 0)]->end->timeS,
            $plate->piece->cut->canBeProbed($plate->piece->size->thickness, $this->rules->limits->of('probe_from_mm')),
            self::needsHotOven($plate) ? $setting->heatC : null,
            stoodS: $plate->piece->outOfFridgeS,
            isHeldInstead: $isHeld &&
                $plate->share->doneness->targetC <
                    $this->rules->of($plate->occasion->house->standard, $plate->piece->cut)->officialC,
        );

        return new Cook(
            $simulator,
            $plan,
            $setting->heatC,
            $pull,
            $countsCarryOver,
            $ends,
            $watch,
            $evidence,
            $this->judge->judge($plate->serving(), $evidence),
        );
    }

    /**
     * The plan with an end to its open stage: where the core peaks at the target afterwards, or is at it then and there. A
     * target that is at or above the official minimum counts carry-over only on top of that minimum.
     *
     * @return array{MethodPlan, bool} the plan, and whether it counts on carry-over
     */
    private function ended(Plate $plate, MethodPlan $plan, Body $body, float $targetC, bool $countsCarryOver): array
    {
        $mark = $this->mark($plate);
        $specimen = self::specimen($plate, $body, self::SEARCH_CELLS, self::SEARCH_TOLERANCE_K);
        [$rough, $start] = [$specimen->simulator, $specimen->start];
        if ($mark !== null) {
            return [
                $plan->endingAfter(
                    $this->texture->openSeconds($rough, $start, $plan, $this->texture->melting($plate->piece->cut), $mark),
                ),
                false,
            ];
        }
        PullFinder::refuseOutOfReach($plan, $targetC);
        if (! $countsCarryOver) {
            return [$plan->endingAtCore($targetC), false];
        }
        $openS = max($plan->leastS, PullFinder::openSeconds($rough, $start, $plan, $targetC));
        $officialC = $this->rules->of($plate->occasion->house->standard, $plate->piece->cut)->officialC;
        $official = $targetC >= $officialC ? PullFinder::atCore($rough, $start, $plan, $officialC) : null;
        if ($official !== null && $openS < $official->end->timeS - $official->startedAtS) {
            return [$plan->endingAtCore($officialC), false];
        }

        return [$plan->endingAfter($openS), true];
    }

    /** Matched where it is done; where a texture is waited for, at where it forms. */
    private function body(Plate $plate, MethodPlan $plan): Body
    {
        $piece = $plate->piece;

        $aimC = $this->mark($plate) === null ? Specimen::DONE_AT_C : LongCook::FORMS_AT_C;

        return Specimen::body($piece->cut, $piece->size, $plan, $piece->start->toCelsius(), $piece->surface, $aimC);
    }

    private static function specimen(Plate $plate, Body $body, int $cells, float $toleranceK): Specimen
    {
        $piece = $plate->piece;

        return Specimen::of($piece->cut, $piece->size, $body, $piece->start->toCelsius(), $piece->surface, $cells, $toleranceK);
    }

    /** How the same cook would go for a thinner end of the piece. */
    public function planFor(Plate $plate, Cook $cook, Length $thickness): MethodPlan
    {
        $setting = $this->setting($plate, $plate->share->doneness->targetC, 0.0)->at($cook->heatC);

        return $this->planner->plan($plate->piece->cut, $plate->piece->size->thick($thickness), $plate->way->method, $setting);
    }

    /** The share of collagen to wait for, where texture decides and not the core's temperature. */
    public function mark(Plate $plate): ?float
    {
        return $this->texture->mark($plate->piece->cut, $plate->way->method, $plate->share->doneness);
    }

    /** Turned once means half-way, and when that is follows from the cook itself: found in a few rounds. */
    private function turnedOnce(Plate $plate): Plate
    {
        if (! $plate->way->manner->turnsOnce || $plate->piece->cut->build->isRound()) {
            return $plate;
        }
        $specimen = null;
        try {
            for ($round = 0; $round < self::ONCE_ROUNDS; $round++) {
                $plan = $this->planner->plan(
                    $plate->piece->cut,
                    $plate->piece->size,
                    $plate->way->method,
                    $this->setting($plate, $plate->share->doneness->targetC, 0.0),
                );
                if ($plan->open->flipEveryS === null) {
                    return $plate;
                }
                $specimen ??= self::specimen(
                    $plate,
                    $this->body($plate, $plan),
                    self::ONCE_CELLS,
                    self::ONCE_TOLERANCE_K,
                );
                $openS = PullFinder::openSeconds(
                    $specimen->simulator,
                    $specimen->start,
                    $plan,
                    $plate->share->doneness->targetC,
                    self::ONCE_CLOSE_K,
                );
                $plate = $plate->cooked($plate->way->turningEvery($openS / 2.0));
            }
        } catch (PullNotFound) {
            return $plate; // said where the cook itself is looked for
        }

        return $plate;
    }

    private function setting(Plate $plate, float $targetC, float $holdS): Setting
    {
        $heatC = $plate->way->heat?->toCelsius() ?? $this->usualHeatC($plate, $targetC);

        return new Setting(
            $heatC,
            $targetC,
            $plate->way->fires,
            $plate->piece->count ?? 1,
            $holdS,
            1.0,
            $plate->way->manner,
        );
    }

    /** As the planner has it, and no oven cooler than the rules allow for this food. */
    private function usualHeatC(Plate $plate, float $targetC): float
    {
        $usualC = $this->planner->usualHeatC(
            $plate->way->method,
            $plate->piece->cut,
            $plate->piece->size,
            $targetC,
            $plate->way->fires,
        );

        return max($usualC, $this->leastOvenC($plate) ?? $usualC);
    }

    /** What roasts in an oven, and a bird in a pot in it; other meat in a lidded pot is in steam, which brings it through sooner. */
    private static function needsHotOven(Plate $plate): bool
    {
        $method = $plate->way->method;

        return $method->roastsInOven() || ($method === Method::PotRoast && $plate->piece->cut->isBird());
    }

    private function leastOvenC(Plate $plate): ?float
    {
        return self::needsHotOven($plate)
            ? $this->rules->leastOven($plate->occasion->house->standard, $plate->piece->cut->foodClass)['core_c'] ?? null
            : null;
    }

    /** Water and steam can hold a piece at its target until a printed point below it is met. */
    private function holdS(Plate $plate, float $targetC, bool $mustMeet): float
    {
        if (! $plate->way->method->canHold() || ! $mustMeet) {
            return 0.0;
        }
        $point = $this->rules->of($plate->occasion->house->standard, $plate->piece->cut)->shortestHoldAt($targetC);

        return $point === null || $point->holdS <= 0.0 ? 0.0 : $point->holdS + self::HOLD_MARGIN_S;
    }

    private function refusal(Plate $plate, PullNotFound $notFound, float $heatC): InputRefused
    {
        $args = ['cut' => $plate->piece->cut->name, 'target_c' => $notFound->targetC, 'method' => $plate->way->method->value];

        return match ($notFound->reason()) {
            'plan.too_long' => InputRefused::one('method', 'unreachable', $plate->way->method->value, 'faster_way', $args),
            'plan.past_target' => InputRefused::one(
                'thickness_mm',
                'unreachable',
                $plate->piece->size->thickness->toMillimetres(),
                'thicker_or_further',
                $args,
            ),
            default => InputRefused::one('heat_c', 'unreachable', $heatC, 'hotter', [
                ...$args,
                'highest_c' => $notFound->highestC ?? 0.0,
            ]),
        };
    }
}
