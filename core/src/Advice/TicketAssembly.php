<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Engine;
use Nessmark\Data\Sources;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Muscle;
use Nessmark\Method\Method;
use Nessmark\Method\MethodTable;
use Nessmark\Quantity\Mass;
use Nessmark\Safety\Level;
use Nessmark\Safety\SafetyRules;
use Nessmark\Stock\Lot;
use Nessmark\Ticket\Amounts;
use Nessmark\Ticket\HeatRibbon;
use Nessmark\Ticket\LogReduction;
use Nessmark\Ticket\Offer;
use Nessmark\Ticket\OfficialMinimum;
use Nessmark\Ticket\PullBy;
use Nessmark\Ticket\Source;
use Nessmark\Ticket\Stage;
use Nessmark\Ticket\Target;
use Nessmark\Ticket\Ticket;
use Nessmark\Ticket\TicketCut;
use Nessmark\Ticket\TimeRange;
use Nessmark\Ticket\Verdict;

/** Puts the ticket together from the computed cooks of its pieces. */
final readonly class TicketAssembly
{
    /** Points of the heat curves: enough for a drawing the width of a card. */
    private const CURVE_POINTS = 240;

    /** A smaller rise than this is none to a kitchen thermometer, K. Common practice, no source. */
    private const CARRY_OVER_FROM_K = 0.6;

    private function __construct(
        private Advisor $advisor,
        private DonenessTable $doneness,
        private SafetyRules $rules,
        private Portions $portions,
        private Sources $sources,
        private Kitchen $kitchen,
        private MethodTable $methods,
    ) {}

    public static function from(DataFolder $folder): self
    {
        return new self(
            Advisor::from($folder),
            DonenessTable::from($folder),
            SafetyRules::from($folder),
            Portions::from($folder),
            Sources::from($folder),
            Kitchen::from($folder),
            MethodTable::from($folder),
        );
    }

    /**
     * @param  Lot|null  $lot  what it is sold from
     * @param  string  $currency  ISO 4217
     *
     * @throws InputRefused if no plan can end at the doneness asked for
     */
    public function advise(Ask $ask, ?Lot $lot = null, string $currency = 'EUR'): Ticket
    {
        $cooked = [];
        $effects = [];
        foreach ([$ask, ...$ask->apart] as $i => $share) {
            [$cook, $open, $hangsOn] = $this->advisor->advise($share);
            $cooked[] = [$share, $cook, $open];
            $effects = $i === 0 ? $hangsOn : $effects;
        }
        [, $cook, $open] = $cooked[0];
        $amounts = $this->amounts($ask);
        $set = $this->rules->lethality();
        $standard = $ask->house->standard;
        $fires = $this->fires($ask);
        $isByTexture = $this->advisor->mark($ask) !== null;
        $thin = $ask->thinEnd === null ? null : ThinEnd::of($ask, $cook, $this->advisor->planFor($ask, $cook, $ask->thinEnd));
        // A pull that counts on carry-over is no finer than a degree; one that stands for a minimum is not rounded below it.
        $decimals = $cook->countsCarryOver ? 0 : 1;

        return new Ticket(
            Engine::VERSION,
            new TicketCut($ask->cut->slug, $ask->cut->name, $ask->cut->group->value, array_map(static fn (Muscle $muscle): string => $muscle->name, $ask->cut->muscles)),
            $ask->method->value,
            round($ask->thickness->toMillimetres(), 1),
            $ask->cut->piece->isRound(),
            $ask->surface,
            $fires,
            round($ask->start->toCelsius(), 1),
            round($cook->heatC, 1),
            $standard->profile->value,
            $standard->also?->value,
            [...$ask->schools, 'doneness_words' => $ask->scale->value],
            $ask->outOfFridgeS,
            $this->verdict($ask, array_column($cooked, 1)),
            $amounts,
            $lot === null ? null : PriceOf::lot($lot, $currency, Mass::ofGrams($amounts->rawG), $amounts->diners),
            new Target($ask->scale, $ask->doneness->word, round($ask->doneness->targetC, 1), round($ask->doneness->fromC, 1), round($ask->doneness->toC, 1)),
            round($cook->pull->coreC, $decimals),
            round($cook->core->maxC, $decimals),
            $this->carryOverK($cook),
            $cook->evidence->canProbe,
            $isByTexture ? PullBy::Fork : ($cook->evidence->canProbe ? PullBy::Core : PullBy::Clock),
            $open->plus($cook->fixedHeatS())->shown(),
            round($cook->plan->restS()),
            round($cook->totalS()),
            $effects,
            $this->stages($cook, $open),
            Timeline::onHeatAt($ask, $cook, $open)?->format(DATE_ATOM),
            $ask->eatAt?->format(DATE_ATOM),
            $ask->cut->slice,
            $this->ribbon($cook),
            CrossSectionOf::cook($ask, $cook, $this->doneness, $isByTexture),
            LossesOf::cook($ask, $cook),
            TextureOf::cook($ask, $cook),
            new LogReduction($set['organism'], round(min(99.0, $cook->lethality->smallest()), 2), $set['d_ref_s'], $set['t_ref_c'], $set['z_k']),
            (new Tempering($this->kitchen, $this->rules))->of($ask, $effects),
            (new Keeping($this->kitchen))->of($ask, $this->rules->cooling($standard), $cook->verdict),
            Cautions::of($ask, $fires, $cook->verdict),
            (new Doubts($this->kitchen, $this->portions))->of($ask, $cook, $open, $thin),
            $this->cited($ask, $cook),
            Timeline::of($ask, $cook, $open, $isByTexture, Pieces::steps($cooked, fn (Ask $share): bool => $this->advisor->mark($share) !== null)),
            Pieces::of($cooked, $this->portions),
        );
    }

    /** Of all shares together. */
    private function amounts(Ask $ask): Amounts
    {
        $whole = $ask->raw;
        $diners = $ask->diners;
        foreach ($ask->apart as $share) {
            $whole = $whole === null || $share->raw === null ? null : Mass::ofGrams($whole->toGrams() + $share->raw->toGrams());
            $diners = [...$diners, ...$share->diners];
        }

        return $this->portions->amounts($ask->cut, $ask->thickness, $diners, $whole, $ask->house->portions);
    }

    /** How far the core rises after the pull; 0 when nobody could tell. */
    private function carryOverK(Cook $cook): float
    {
        $riseK = $cook->core->maxC - $cook->pull->coreC;

        return $riseK < self::CARRY_OVER_FROM_K ? 0.0 : round($riseK, 1);
    }

    /**
     * As strict as the strictest of the shares.
     *
     * @param  list<Cook>  $cooks  of all the shares
     */
    private function verdict(Ask $ask, array $cooks): Verdict
    {
        $rule = $this->rules->rule($ask->house->standard, $ask->cut->foodClass);
        $level = Level::Clear;
        $isBelow = false;
        foreach ($cooks as $cook) {
            $level = $level->orStricter($cook->verdict->level);
            $isBelow = $isBelow || ! $cook->verdict->meetsOfficialMinimum;
        }
        $offer = $isBelow && $ask->doneness->word !== DonenessWord::OFFICIAL_MINIMUM
            ? new Offer(DonenessWord::OFFICIAL_MINIMUM, $rule->officialC, $rule->officialRestS)
            : null;

        return new Verdict($level, ! $isBelow, new OfficialMinimum($rule->officialC, $rule->officialRestS), Pieces::findings($cooks), $offer, $level !== Level::Stop);
    }

    /** @return list<Stage> */
    private function stages(Cook $cook, TimeRange $open): array
    {
        $stages = [];
        foreach ($cook->ends as $i => $end) {
            $isOpen = $i === count($cook->plan->before);
            $lengthS = $end->end->timeS - $end->startedAtS;
            $stages[] = new Stage(
                $end->stage->name,
                round($end->startedAtS),
                round($end->end->timeS),
                ($isOpen ? $open : new TimeRange($lengthS, $lengthS, $lengthS))->shown(),
                $cook->plan->surfaceC[$end->stage->name] ?? null,
                $end->end->coldestPlateC === null ? null : round($end->end->coldestPlateC),
                $end->stage->flipEveryS,
                array_map(static fn (float $s): float => round($end->startedAtS + $s), $end->stage->flipsWithin($lengthS)),
                round($cook->simulator->coreC($end->end), 1),
            );
        }

        return $stages;
    }

    private function ribbon(Cook $cook): HeatRibbon
    {
        $isSlab = $cook->simulator->body->isSlab;
        $gapS = $cook->totalS() / self::CURVE_POINTS;
        $times = $cores = $as = $bs = [];
        $nextS = 0.0;
        $points = $cook->surface->points;
        foreach ($points as $i => [$timeS, $a, $core, $b]) {
            if ($timeS < $nextS && $i < count($points) - 1) {
                continue;
            }
            $nextS = $timeS + $gapS;
            $times[] = round($timeS, 1);
            $cores[] = round($core, 1);
            $as[] = round($isSlab ? $a : $b, 1);
            $bs[] = round($b, 1);
        }

        return new HeatRibbon($times, $cores, $as, $bs);
    }

    /** @return array<string, string> the sort of each appliance the times are for */
    private function fires(Ask $ask): array
    {
        $fires = [];
        foreach ($ask->method->appliances() as $kind) {
            $type = $this->kitchen->appliance($kind, $ask->fires)->type;
            if ($type !== '' && $ask->method !== Method::Parcel) {
                $fires[$kind->value] = $type;
            }
        }

        return $fires;
    }

    /** @return list<Source> */
    private function cited(Ask $ask, Cook $cook): array
    {
        $ids = $this->rules->profileSources($ask->house->standard);
        foreach ($cook->verdict->findings as $finding) {
            $ids = [...$ids, ...$finding->sources];
        }
        foreach ($ask->method->appliances() as $kind) {
            $ids = [...$ids, ...$this->kitchen->appliance($kind, $ask->fires)->sources];
        }

        return array_map(static fn (array $source): Source => new Source($source['id'], $source['kind'], $source['text']), $this->sources->cite([
            ...$ids, ...$this->doneness->sources($ask->scale), $this->rules->lethality()['source'], 'choi-okos',
            ...$ask->cut->sources, ...$this->methods->sources(), ...$this->portions->sources(), ...$this->rules->cooling($ask->house->standard)->sources,
        ]));
    }
}
