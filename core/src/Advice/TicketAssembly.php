<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Bench\Trimming;
use Nessmark\Bench\Workpiece;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Engine;
use Nessmark\Data\Sources;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Errors\InputRefused;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\LogReduction;
use Nessmark\Heat\Shape;
use Nessmark\Heat\SurfaceTrace;
use Nessmark\Meal\Dish;
use Nessmark\Meal\Meal;
use Nessmark\Meal\Plate;
use Nessmark\Meal\Share;
use Nessmark\Meat\Muscle;
use Nessmark\Meat\SoldBy;
use Nessmark\Method\Method;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\MethodTable;
use Nessmark\Method\Planner;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Safety\Level;
use Nessmark\Safety\SafetyRules;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Cupboard;
use Nessmark\Seasoning\Kind;
use Nessmark\Serve\Carver;
use Nessmark\Serve\Leftovers;
use Nessmark\Serve\Mender;
use Nessmark\Serve\Readings;
use Nessmark\Serve\Served;
use Nessmark\Serve\Shopping;
use Nessmark\Ticket\Amounts;
use Nessmark\Ticket\Carving;
use Nessmark\Ticket\DishTicket;
use Nessmark\Ticket\EatenFrom;
use Nessmark\Ticket\HeatRibbon;
use Nessmark\Ticket\Lethality;
use Nessmark\Ticket\Losses;
use Nessmark\Ticket\Offer;
use Nessmark\Ticket\OfficialMinimum;
use Nessmark\Ticket\PullBy;
use Nessmark\Ticket\Source;
use Nessmark\Ticket\Stage;
use Nessmark\Ticket\Target;
use Nessmark\Ticket\Ticket;
use Nessmark\Ticket\TicketCut;
use Nessmark\Ticket\TimelineLine;
use Nessmark\Ticket\TimeRange;
use Nessmark\Ticket\Trouble;
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
        private DressingOf $dressing,
        private Trimming $trimming,
        private Carver $carver,
        private Mender $mender,
        private Shopping $shopping,
        private Cupboard $cupboard,
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
            DressingOf::from($folder),
            Trimming::from($folder),
            Carver::from($folder),
            Mender::from($folder),
            Shopping::from($folder),
            Cupboard::from($folder),
        );
    }

    /**
     * @param  string  $currency  ISO 4217
     *
     * @throws InputRefused if for one of its dishes no plan can end at the doneness asked for
     */
    public function serve(Meal $meal, string $currency): Ticket
    {
        return new Ticket(array_map(fn (Dish $dish): DishTicket => $this->advise($dish, $currency), $meal->dishes));
    }

    /**
     * @param  string  $currency  ISO 4217
     *
     * @throws InputRefused if no plan can end at the doneness asked for
     */
    public function advise(Dish $dish, string $currency = 'EUR'): DishTicket
    {
        $cooked = [];
        $effects = [];
        foreach ($dish->plates() as $i => $each) {
            [$cook, $open, $hangsOn] = $this->advisor->advise($each);
            $cooked[] = [$each, $cook, $open];
            $effects = $i === 0 ? $hangsOn : $effects;
        }
        [$plate, $cook, $open] = $cooked[0];
        $losses = LossesOf::cook($plate, $cook);
        $amounts = self::amounts($dish, $losses);
        $dressed = $this->dressing->cook($dish, $cooked, $amounts->rawG * ($losses->cookingLossShare - $losses->evaporatedShare));
        $pieces = Pieces::of($cooked);
        $set = $this->rules->lethality();
        $standard = $plate->occasion->house->standard;
        $fires = $this->fires($plate);
        $isByTexture = $this->advisor->mark($plate) !== null;
        $thin =
            $plate->piece->thinEnd === null
                ? null
                : ThinEnd::of($plate, $cook, $this->advisor->planFor($plate, $cook, $plate->piece->thinEnd));
        $inspected = Sections::of(
            $plate,
            $cook,
            $open,
            $effects,
            $isByTexture ? null : fn (Length $thickness): MethodPlan => $this->advisor->planFor($plate, $cook, $thickness),
        );
        $ribbon = $this->ribbon($cook);
        $beforeS = $cook->ends[count($cook->plan->before)]->startedAtS;
        $keeping = (new Keeping($this->kitchen))->of($plate, $this->rules->cooling($standard), $cook->verdict);
        $served = new Served(
            $plate->piece->cut,
            $plate->piece->size,
            $plate->way->method,
            $fires,
            $isByTexture,
            $cook->evidence->canProbe,
            array_filter($dish->shares, static fn (Share $share): bool => $share->eaters->isAnyoneAtRisk()) !== [],
            $this->rules->of($standard, $plate->piece->cut)->officialC,
            $this->rules->cooling($standard)->hotC,
            round($cook->heatC),
            $open->likelyS + $cook->fixedHeatS() + $cook->plan->restS(),
            $cook->plan->restS(),
            $amounts->cookedG / $amounts->diners,
            in_array($dressed?->dressing->kind, [Kind::PanSauce->value, Kind::Gravy->value], true),
        );
        // A pull that counts on carry-over is no finer than a degree; one that stands for a minimum is not rounded below it.
        $decimals = $cook->countsCarryOver ? 0 : 1;
        $verdict = $this->verdict($plate, array_column($cooked, 1));

        $avoid = array_values(array_unique(array_merge(...array_map(static fn (Share $share): array => $share->avoid, $dish->shares))));
        $ofAll = $dish->eaters()->avoids();
        $suited = fn (Phrase $phrase): Phrase => $this->cupboard->suited($phrase, $ofAll);
        $carved = $this->carver->carve($served);
        $carving = new Carving($carved->steps, array_map($suited, $carved->table));
        $trouble = array_map(static fn (Trouble $of): Trouble => new Trouble($of->sign, $suited($of->do)), $this->mender->of($served));
        $leftovers = array_map($suited, $keeping->key === Keeping::NOTHING ? [] : Leftovers::of($served));
        $timeline = array_map(
            static fn (TimelineLine $line): TimelineLine => $line->saying($suited($line->do)),
            Timeline::of(
                $plate,
                $cook,
                $open,
                $isByTexture,
                Pieces::steps($cooked, fn (Plate $each): bool => $this->advisor->mark($each) !== null),
                $dressed->steps ?? [],
            ),
        );
        $doubts = [
            ...array_map($suited, (new Doubts($this->kitchen))->of($dish, $plate, $cook, $open, $thin)),
            ...$this->cupboard->apart($avoid),
            ...$dressed === null && $dish->dressing->saltedS === null ? [new Phrase('doubt.unseasoned')] : [],
        ];
        $said = [
            ...array_map(static fn (TimelineLine $line): Phrase => $line->do, $timeline),
            ...$carving->table,
            ...array_map(static fn (Trouble $of): Phrase => $of->do, $trouble),
            ...$doubts,
        ];
        $eaten = [
            ...$dressed->eaten ?? [],
            ...$this->cupboard->eaten($said),
            ...$this->cupboard->eaten($leftovers, EatenFrom::Leftovers),
        ];
        if ($this->cupboard->bringsSalt($this->cupboard->eaten(array_column($timeline, 'do')))) {
            $doubts[] = new Phrase('doubt.stock_salt');
        }

        return new DishTicket(
            Engine::VERSION,
            new TicketCut(
                $plate->piece->cut->slug,
                $plate->piece->cut->name,
                $plate->piece->cut->group->value,
                array_map(static fn (Muscle $muscle): string => $muscle->name, $plate->piece->cut->muscles),
            ),
            $plate->way->method->value,
            round($plate->piece->size->thickness->toMillimetres(), 1),
            $plate->piece->cut->build->isRound(),
            $plate->piece->surface,
            $fires,
            round($plate->piece->start->toCelsius(), 1),
            round($cook->heatC, 1),
            $standard->profile->value,
            $standard->also?->value,
            [...self::schools($dish, $dressed?->dressing->kind, $verdict), 'doneness_words' => $plate->occasion->scale->value],
            $plate->piece->outOfFridgeS,
            $verdict,
            $amounts,
            $dish->piece->lot === null
                ? null
                : PriceOf::lot(
                    $dish->piece->lot,
                    $currency,
                    Mass::ofGrams($amounts->rawG),
                    Mass::ofGrams($amounts->cookedG),
                    $amounts->diners,
                    $dressed?->dressing->price,
                ),
            new Target(
                $plate->occasion->scale,
                $plate->share->doneness->word,
                round($plate->share->doneness->targetC, 1),
                round($plate->share->doneness->fromC, 1),
                round($plate->share->doneness->toC, 1),
            ),
            round($cook->pull->coreC, $decimals),
            round($cook->saw(CoreTrace::class)->maxC, $decimals),
            $this->carryOverK($cook),
            $cook->evidence->canProbe,
            $isByTexture ? PullBy::Fork : ($cook->evidence->canProbe ? PullBy::Core : PullBy::Clock),
            $open->plus($cook->fixedHeatS())->shown(),
            round($cook->plan->restS()),
            round($cook->totalS()),
            $effects,
            $this->stages($cook, $open),
            Timeline::onHeatAt($plate, $cook, $open)?->format(DATE_ATOM),
            $plate->occasion->eatAt?->format(DATE_ATOM),
            $plate->piece->cut->slice,
            $ribbon,
            CrossSectionOf::cook($plate, $cook, $this->doneness, $isByTexture),
            $losses,
            TextureOf::cook($plate, $cook),
            new Lethality(
                $set['organism'],
                round(min(99.0, $cook->saw(LogReduction::class)->smallest()), 2),
                $set['d_ref_s'],
                $set['t_ref_c'],
                $set['z_k'],
            ),
            (new Tempering($this->kitchen, $this->rules))->of($plate, $effects, $open->likelyS + $cook->fixedHeatS()),
            $keeping,
            $carving,
            $trouble,
            $leftovers,
            $pieces === [] && ! $isByTexture && $cook->evidence->canProbe
                ? Readings::of($ribbon, round($cook->pull->coreC, $decimals), $cook->pull->openS + $beforeS)
                : [],
            $this->shopping->of(
                [...$dressed->eaten ?? [], ...$this->cupboard->eaten(array_column($timeline, 'do'))],
                $dressed?->dressing->price === null ? null : $dressed->dressing->name,
            ),
            Cautions::of($plate, $fires, $cook->verdict),
            $doubts,
            $this->cited($plate, $cook),
            $timeline,
            $pieces,
            $dressed?->dressing,
            $this->trimming->order(
                new Workpiece(
                    $dish->piece->cut,
                    $dish->piece->size,
                    $dish->piece->count,
                    $dish->way->method,
                    Pieces::marks($pieces),
                    ($dish->schools['fat_cap'] ?? 'scored') === 'scored',
                    $dish->piece->lot,
                    max(1, count($inspected->sections ?? [])),
                ),
            ),
            $inspected,
            $eaten,
        );
    }

    /**
     * As they were followed: what goes on it, and what doneness was asked for, may be another way than the house's usual one.
     *
     * @return array<string, string>
     */
    private static function schools(Dish $dish, ?string $kind, Verdict $verdict): array
    {
        $isAhead = in_array($kind, [Kind::DryBrine->value, Kind::WetBrine->value, Kind::TimedBrine->value], true);
        $isPlain = in_array($kind, [null, Kind::Salt->value, Kind::DryBrine->value], true);

        return [
            ...$dish->schools,
            ...isset($dish->schools['salt']) && $isAhead ? ['salt' => 'ahead'] : [],
            ...isset($dish->schools['dressing']) && ! $isPlain ? ['dressing' => 'dressed'] : [],
            ...isset($dish->schools['duck_and_pork']) && ! $verdict->meetsOfficialMinimum ? ['duck_and_pork' => 'pink'] : [],
        ];
    }

    /** Of all shares together; cooked, less what the first of them loses. */
    private static function amounts(Dish $dish, Losses $losses): Amounts
    {
        $piece = $dish->piece;
        $rawG = $piece->raw()->toGrams();
        $heads = $dish->eaters()->heads();
        $build = $piece->cut->build;
        $hasLength =
            in_array($build->soldBy, [SoldBy::Joint, SoldBy::Length, SoldBy::Bones], true) && $build->shape === Shape::Cylinder;

        return new Amounts(
            $heads,
            round($rawG),
            round($rawG / $heads),
            round($piece->size->mass->toGrams()),
            $piece->count,
            $hasLength ? round($piece->size->length()->toMillimetres()) : null,
            round($rawG * (1.0 - $losses->cookingLossShare)),
            $piece->whySoMuch,
        );
    }

    /** How far the core rises after the last of the heat; 0 when nobody could tell. */
    private function carryOverK(Cook $cook): float
    {
        $lastHeatC = $cook->pull->coreC;
        foreach (array_slice($cook->ends, count($cook->plan->before)) as $end) {
            $lastHeatC = in_array($end->stage->name, Planner::RESTS, true)
                ? $lastHeatC
                : max($lastHeatC, $cook->simulator->coreC($end->end));
        }
        $riseK = $cook->saw(CoreTrace::class)->maxC - $lastHeatC;

        return $riseK < self::CARRY_OVER_FROM_K ? 0.0 : round($riseK, 1);
    }

    /**
     * As strict as the strictest of the shares.
     *
     * @param  list<Cook>  $cooks  of all the shares
     */
    private function verdict(Plate $plate, array $cooks): Verdict
    {
        $rule = $this->rules->of($plate->occasion->house->standard, $plate->piece->cut);
        $level = Level::Clear;
        $isBelow = false;
        foreach ($cooks as $cook) {
            $level = $level->orStricter($cook->verdict->level);
            $isBelow = $isBelow || ! $cook->verdict->meetsOfficialMinimum;
        }
        $offer =
            $isBelow && $plate->share->doneness->word !== DonenessWord::OFFICIAL_MINIMUM
                ? new Offer(DonenessWord::OFFICIAL_MINIMUM, $rule->officialC, $rule->officialRestS)
                : null;

        return new Verdict(
            $level,
            ! $isBelow,
            new OfficialMinimum($rule->officialC, $rule->officialRestS),
            Pieces::findings($cooks),
            $offer,
            $level !== Level::Stop,
        );
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
        $points = $cook->saw(SurfaceTrace::class)->points;
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
    private function fires(Plate $plate): array
    {
        $fires = [];
        foreach ($plate->way->method->appliances() as $kind) {
            $type = $this->kitchen->appliance($kind, $plate->way->fires)->type;
            if ($type !== '' && $plate->way->method !== Method::Parcel) {
                $fires[$kind->value] = $type;
            }
        }

        return $fires;
    }

    /** @return list<Source> */
    private function cited(Plate $plate, Cook $cook): array
    {
        $ids = $this->rules->profileSources($plate->occasion->house->standard);
        foreach ($cook->verdict->findings as $finding) {
            $ids = [...$ids, ...$finding->sources];
        }
        foreach ($plate->way->method->appliances() as $kind) {
            $ids = [...$ids, ...$this->kitchen->appliance($kind, $plate->way->fires)->sources];
        }

        return array_map(
            static fn (array $source): Source => new Source($source['id'], $source['kind'], $source['text']),
            $this->sources->cite([
                ...$ids,
                ...$this->doneness->sources($plate->occasion->scale),
                $this->rules->lethality()['source'],
                'choi-okos',
                ...$plate->piece->cut->sources,
                ...$this->methods->sources(),
                ...$this->portions->sources(),
                'seasoning-practice',
                'salt-diffusion',
                ...$this->rules->cooling($plate->occasion->house->standard)->sources,
            ]),
        );
    }
}
