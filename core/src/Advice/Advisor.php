<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\DataFolder;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Errors\InputRefused;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\LogReduction;
use Nessmark\Heat\PeakProfile;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\SurfaceTrace;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\MethodTable;
use Nessmark\Method\Planner;
use Nessmark\Method\Pull;
use Nessmark\Method\PullFinder;
use Nessmark\Method\PullNotFound;
use Nessmark\Method\Setting;
use Nessmark\Quantity\Length;
use Nessmark\Safety\CookEvidence;
use Nessmark\Safety\HeldLongEnough;
use Nessmark\Safety\Judge;
use Nessmark\Safety\SafetyRules;
use Nessmark\Texture\LongCook;
use Nessmark\Texture\MeltTrace;

/** From an ask to a computed cook with its verdict. Safety sees the plan last. */
final readonly class Advisor
{
    /** A plan that aims at its minimum or above is warmed by these steps until it does: its coldest depth need not be its core. */
    private const WARMER_K = [1.0, 1.0, 1.0, 1.0, 2.0, 2.0, 2.0, 2.0, 2.0, 2.0, 2.0, 2.0];

    /** Kept longer than the printed hold, so that a clock read late or early does not matter, s. Common practice, no source. */
    private const HOLD_MARGIN_S = 60.0;

    /** The search for the pull runs coarser than the cook that is shown; it moves the peak by less than 0.1 K. */
    private const SEARCH_CELLS = 41;

    private const SEARCH_TOLERANCE_K = 0.01;

    /** A ticket shows tenths of a degree at best; this keeps each step of its run well inside that. */
    public const TOLERANCE_K = 0.01;

    /** Half-way is found coarsely: seconds do not matter to it. */
    private const ONCE_ROUNDS = 3;

    private const ONCE_CELLS = 21;

    private const ONCE_TOLERANCE_K = 0.1;

    private const ONCE_CLOSE_K = 0.3;

    private Planner $planner;

    private Judge $judge;

    public function __construct(private Kitchen $kitchen, private MethodTable $methods, private SafetyRules $rules, private LongCook $texture, private Portions $portions)
    {
        $this->planner = new Planner($kitchen, $methods);
        $this->judge = new Judge($rules);
    }

    public static function from(DataFolder $folder): self
    {
        return new self(Kitchen::from($folder), MethodTable::from($folder), SafetyRules::from($folder), LongCook::from($folder), Portions::from($folder));
    }

    /**
     * @return array{Cook, TimeRange, list<array{input: string, step: float, unit: string, change_s: float}>} the cook, the time of
     *                                                                                                       its open stage, and what that time hangs on
     *
     * @throws InputRefused if no plan can end at the doneness asked for
     */
    public function advise(Ask $ask): array
    {
        $ask = $this->turnedOnce($ask);
        $mustMeet = $this->judge->mustMeetMinimum($ask) || $ask->doneness->word === DonenessWord::OFFICIAL_MINIMUM;
        $officialC = $this->rules->rule($ask->profile, $ask->cut->foodClass, $ask->house->tightening)->officialC;
        $targetC = $ask->doneness->targetC;
        $cook = $this->cook($ask, $targetC, $mustMeet, null);
        // A plan that aims at the minimum and just misses its hold is warmed until it is met; one that aims lower is judged as it is.
        foreach ($targetC >= $officialC ? self::WARMER_K : [] as $warmerK) {
            if ($cook->verdict->meetsOfficialMinimum) {
                break;
            }
            $targetC += $warmerK;
            $cook = $this->cook($ask, $targetC, $mustMeet, null);
        }

        $appliance = $this->kitchen->appliance($ask->method->appliances()[0], $ask->fires);
        $setting = $this->setting($ask, $targetC, 0.0)->at($cook->heatC);
        $mark = $this->mark($ask);
        [$range, $effects] = $mark !== null
            ? (new TextureSpread($this->planner, $this->texture))->of($ask, $setting, $mark, $cook->pull->openS)
            : (new Spread($this->planner))->of($ask, $appliance, $setting, $cook->pull->coreC, $cook->pull->openS);
        if ($mustMeet && ! $cook->evidence->canProbe) {
            // Nobody can measure this core, so it stays on for the long end of the range.
            $cook = $this->cook($ask, $targetC, true, $range->highS);
            $range = new TimeRange($range->highS, $range->highS, $range->highS);
        }

        return [$cook, $range, $effects];
    }

    private function cook(Ask $ask, float $targetC, bool $mustMeet, ?float $openS): Cook
    {
        $setting = $this->setting($ask, $targetC, $this->holdS($ask, $targetC, $mustMeet));
        $plan = $this->planner->plan($ask->cut, $ask->thickness->toMillimetres(), $ask->method, $setting);
        $countsCarryOver = ! $mustMeet && $ask->method->countsCarryOver();
        $specimen = Specimen::of($ask->cut, $ask->thickness, $ask->start->toCelsius(), $ask->surface, Simulator::CELLS, self::TOLERANCE_K);
        [$simulator, $start] = [$specimen->simulator, $specimen->start];

        $limits = $this->rules->limits;
        $set = $this->rules->lethality();
        $core = new CoreTrace($simulator->grid, $simulator->body->coreAtM, $start->celsius, [], [$limits->of('growth_above_c')]);
        $peak = new PeakProfile($start->celsius);
        $surface = new SurfaceTrace($simulator->grid, $simulator->body->coreAtM, $start->celsius);
        $held = new HeldLongEnough($start->celsius);
        $lethality = new LogReduction($simulator->grid, $set['d_ref_s'], $set['t_ref_c'], $set['z_k']);
        $melt = new MeltTrace($simulator->grid, $simulator->body->coreAtM, $this->texture->melting($ask->cut), $this->mark($ask) ?? 0.0);
        try {
            [$ended, $countsCarryOver] = $openS !== null ? [$plan->endingAfter($openS), false] : $this->ended($ask, $plan, $targetC, $countsCarryOver);
            $ends = $simulator->run($start, $ended->stages(), [$core, $peak, $surface, $held, $lethality, $melt]);
            $opened = $ends[count($plan->before)];
            $pull = Pull::of($simulator, $opened, $targetC);
            if ($opened->end->timeS > $this->methods->longestS($ask->method)) {
                throw PullNotFound::tooLong($opened->stage->name, $targetC, $this->methods->longestS($ask->method));
            }
        } catch (PullNotFound $notFound) {
            throw $this->refusal($ask, $notFound, $setting->heatC);
        }
        $plan = $plan->endingAfter($pull->openS);
        $heatedS = $ends[count($ends) - 1]->end->timeS - $plan->restS();
        $canProbe = $ask->thickness->toMillimetres() >= $limits->of('probe_from_mm');
        $evidence = new CookEvidence($held, $core->maxC, $core->reachedAtS[0], $heatedS, $opened->end->timeS, $canProbe);

        return new Cook($simulator, $plan, $setting->heatC, $pull, $countsCarryOver, $ends, $core, $peak, $surface, $lethality, $melt, $evidence, $this->judge->judge($ask, $evidence));
    }

    /**
     * The plan with an end to its open stage: where the core peaks at the target afterwards, or is at it then and there. A
     * target that is at or above the official minimum counts carry-over only on top of that minimum.
     *
     * @return array{MethodPlan, bool} the plan, and whether it counts on carry-over
     */
    private function ended(Ask $ask, MethodPlan $plan, float $targetC, bool $countsCarryOver): array
    {
        $mark = $this->mark($ask);
        $specimen = Specimen::of($ask->cut, $ask->thickness, $ask->start->toCelsius(), $ask->surface, self::SEARCH_CELLS, self::SEARCH_TOLERANCE_K);
        [$rough, $start] = [$specimen->simulator, $specimen->start];
        if ($mark !== null) {
            return [$plan->endingAfter($this->texture->openSeconds($rough, $start, $plan, $this->texture->melting($ask->cut), $mark)), false];
        }
        PullFinder::refuseOutOfReach($plan, $targetC);
        if (! $countsCarryOver) {
            return [$plan->endingAtCore($targetC), false];
        }
        $openS = PullFinder::openSeconds($rough, $start, $plan, $targetC);
        $officialC = $this->rules->rule($ask->profile, $ask->cut->foodClass, $ask->house->tightening)->officialC;
        $official = $targetC >= $officialC ? PullFinder::atCore($rough, $start, $plan, $officialC) : null;
        if ($official !== null && $openS < $official->end->timeS - $official->startedAtS) {
            return [$plan->endingAtCore($officialC), false];
        }

        return [$plan->endingAfter($openS), true];
    }

    /** How the same cook would go for a thinner end of the piece. */
    public function planFor(Ask $ask, Cook $cook, Length $thickness): MethodPlan
    {
        $setting = $this->setting($ask, $ask->doneness->targetC, 0.0)->at($cook->heatC);

        return $this->planner->plan($ask->cut, $thickness->toMillimetres(), $ask->method, $setting);
    }

    /** The share of collagen to wait for, where texture decides and not the core's temperature. */
    public function mark(Ask $ask): ?float
    {
        return $this->texture->mark($ask->cut, $ask->method, $ask->doneness->word);
    }

    /** Turned once means half-way, and when that is follows from the cook itself: found in a few rounds. */
    private function turnedOnce(Ask $ask): Ask
    {
        if (! $ask->manner->turnsOnce || $ask->cut->piece->isRound()) {
            return $ask;
        }
        $specimen = Specimen::of($ask->cut, $ask->thickness, $ask->start->toCelsius(), $ask->surface, self::ONCE_CELLS, self::ONCE_TOLERANCE_K);
        try {
            for ($round = 0; $round < self::ONCE_ROUNDS; $round++) {
                $plan = $this->planner->plan($ask->cut, $ask->thickness->toMillimetres(), $ask->method, $this->setting($ask, $ask->doneness->targetC, 0.0));
                if ($plan->open->flipEveryS === null) {
                    return $ask;
                }
                $openS = PullFinder::openSeconds($specimen->simulator, $specimen->start, $plan, $ask->doneness->targetC, self::ONCE_CLOSE_K);
                $ask = $ask->withManner($ask->manner->turningEvery($openS / 2.0));
            }
        } catch (PullNotFound) {
            return $ask; // said where the cook itself is looked for
        }

        return $ask;
    }

    private function setting(Ask $ask, float $targetC, float $holdS): Setting
    {
        $heatC = $ask->heat?->toCelsius() ?? $this->planner->usualHeatC($ask->method, $targetC, $ask->fires);

        return new Setting($heatC, $targetC, $ask->fires, (int) ceil($this->portions->of($ask)['pieces'] ?? 1.0), $holdS, 1.0, $ask->manner);
    }

    /** Water and steam can hold a piece at its target until a printed point below it is met. */
    private function holdS(Ask $ask, float $targetC, bool $mustMeet): float
    {
        if (! $ask->method->canHold() || ! $mustMeet) {
            return 0.0;
        }
        $point = $this->rules->rule($ask->profile, $ask->cut->foodClass, $ask->house->tightening)->shortestHoldAt($targetC);

        return $point === null || $point->holdS <= 0.0 ? 0.0 : $point->holdS + self::HOLD_MARGIN_S;
    }

    private function refusal(Ask $ask, PullNotFound $notFound, float $heatC): InputRefused
    {
        if ($notFound->reason() === 'plan.too_long') {
            return InputRefused::one('method', 'unreachable', $ask->method->value, sprintf('another method, a hotter setting or a thinner piece: so it would take hours to bring %s to %.1f °C', $ask->cut->name, $notFound->targetC));
        }
        if ($notFound->reason() === 'plan.past_target') {
            return InputRefused::one('thickness_mm', 'unreachable', $ask->thickness->toMillimetres(), sprintf(
                'a thicker piece, a higher doneness than %.1f °C or another method: with %s this piece is past it before it can be stopped',
                $notFound->targetC,
                $ask->method->value,
            ));
        }

        return InputRefused::one('heat_c', 'unreachable', $heatC, sprintf(
            'a hotter setting, or a lower doneness: the target of %.1f °C can never be reached, this fire holds the core at %.1f °C at most',
            $notFound->targetC,
            $notFound->highestC ?? 0.0,
        ));
    }
}
