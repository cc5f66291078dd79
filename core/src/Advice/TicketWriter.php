<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Engine;
use Nessmark\Data\Sources;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Meat\Muscle;
use Nessmark\Method\Method;
use Nessmark\Method\MethodTable;
use Nessmark\Quantity\Mass;
use Nessmark\Safety\Level;
use Nessmark\Safety\SafetyRules;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/** Turns a computed cook into the ticket: plain data, every key with its unit, every sentence a phrase the wording knows. */
final readonly class TicketWriter
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
     * The reply of the advice contract: the match asked for, and its ticket.
     *
     * @param  Lot|null  $lot  what it is sold from
     * @param  string  $currency  ISO 4217
     * @return array{matches: list<array<string, mixed>>, ticket: array<string, mixed>}
     */
    public function advise(Ask $ask, ?Lot $lot = null, string $currency = 'EUR'): array
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
        $verdict = $this->verdict($ask, array_column($cooked, 1));
        $ticket = $this->ticket($ask, $cook, $open, $effects);
        $ticket = [
            ...$ticket,
            'amounts' => $amounts,
            'verdict' => $verdict,
            'price' => $lot === null ? null : PriceOf::lot($lot, $currency, Mass::ofGrams($amounts['raw_g']), $amounts['diners']),
            'timeline' => Timeline::of($ask, $cook, $open, $this->advisor->mark($ask) !== null, Pieces::steps($cooked, fn (Ask $share): bool => $this->advisor->mark($share) !== null)),
            'pieces' => Pieces::of($cooked, $this->portions),
        ];

        return [
            'matches' => [[
                'cut' => $ask->cut->slug, 'lot' => $lot?->number, 'method' => $ask->method->value, 'score' => null,
                'reasons' => [], 'doubts' => $ticket['doubts'], 'verdict' => $verdict['level'],
            ]],
            'ticket' => $ticket,
        ];
    }

    /** @return array{diners: int, raw_g: float, raw_per_head_g: float, piece_g: float, pieces: float|null, length_mm: float|null, cooked_low_g: float, cooked_high_g: float} of all shares together */
    private function amounts(Ask $ask): array
    {
        $whole = $ask->raw;
        $diners = $ask->diners;
        foreach ($ask->apart as $share) {
            $whole = $whole === null || $share->raw === null ? null : Mass::ofGrams($whole->toGrams() + $share->raw->toGrams());
            $diners = [...$diners, ...$share->diners];
        }

        return $this->portions->amounts($ask->cut, $ask->thickness, $diners, $whole, $ask->house->portions);
    }

    /**
     * @param  list<array{input: string, step: float, unit: string, change_s: float}>  $effects
     * @return array<string, mixed>
     */
    private function ticket(Ask $ask, Cook $cook, TimeRange $open, array $effects): array
    {
        $set = $this->rules->lethality();
        $onHeatAt = Timeline::onHeatAt($ask, $cook, $open);
        $isByTexture = $this->advisor->mark($ask) !== null;
        $thin = $ask->thinEnd === null ? null : ThinEnd::of($ask, $cook, $this->advisor->planFor($ask, $cook, $ask->thinEnd));

        return [
            'engine_version' => Engine::VERSION,
            'cut' => ['slug' => $ask->cut->slug, 'name' => $ask->cut->name, 'group' => $ask->cut->group->value, 'muscles' => array_map(static fn (Muscle $muscle): string => $muscle->name, $ask->cut->muscles)],
            'method' => $ask->method->value,
            'thickness_mm' => round($ask->thickness->toMillimetres(), 1),
            'is_round' => $ask->cut->piece->isRound(),
            'surface' => $ask->surface->value,
            'fires' => $this->fires($ask),
            'start_c' => round($ask->start->toCelsius(), 1),
            'heat_c' => round($cook->heatC, 1),
            'profile' => $ask->house->standard->profile->value,
            'also_profile' => $ask->house->standard->also?->value,
            'schools' => [...$ask->schools, 'doneness_words' => $ask->scale->value],
            'out_of_fridge_s' => $ask->outOfFridgeS,
            'verdict' => null, // these follow from all the shares together
            'amounts' => null,
            'price' => null,
            // these two are not computed by this version
            'trim' => null,
            'seasoning' => null,
            'target' => [
                'scale' => $ask->scale->value, 'word' => $ask->doneness->word, 'core_c' => round($ask->doneness->targetC, 1),
                'from_c' => round($ask->doneness->fromC, 1), 'to_c' => round($ask->doneness->toC, 1),
            ],
            // A pull that counts on carry-over is no finer than a degree; one that stands for a minimum is not rounded below it.
            'pull_core_c' => round($cook->pull->coreC, $cook->countsCarryOver ? 0 : 1),
            'peak_core_c' => round($cook->core->maxC, $cook->countsCarryOver ? 0 : 1),
            'carry_over_k' => $this->carryOverK($cook),
            'can_probe' => $cook->evidence->canProbe,
            'pull_by' => $isByTexture ? 'fork' : ($cook->evidence->canProbe ? 'core' : 'clock'),
            'time' => $open->plus($cook->fixedHeatS())->toArray(),
            'rest_s' => round($cook->plan->restS()),
            'total_s' => round($cook->totalS()),
            'effects' => $effects,
            'stages' => $this->stages($cook, $open),
            'on_heat_at' => $onHeatAt?->format(DATE_ATOM),
            'eat_at' => $ask->eatAt?->format(DATE_ATOM),
            'slice' => $ask->cut->slice,
            'heat_ribbon' => $this->ribbon($cook),
            'cross_section' => CrossSection::of($ask, $cook, $this->doneness, $isByTexture),
            'losses' => Losses::of($ask, $cook),
            'texture' => TextureMeter::of($ask, $cook),
            'log_reduction' => [
                'organism' => $set['organism'], 'core' => round(min(99.0, $cook->lethality->smallest()), 2),
                'd_ref_s' => $set['d_ref_s'], 't_ref_c' => $set['t_ref_c'], 'z_k' => $set['z_k'],
            ],
            'tempering' => (new Tempering($this->kitchen, $this->rules))->of($ask, $effects)?->toArray(),
            'keeping' => (new Keeping($this->kitchen))->of($ask, $this->rules->cooling($ask->house->standard), $cook->verdict)->toArray(),
            'cautions' => array_map(static fn (Phrase $p): array => $p->toArray(), Cautions::of($ask, $this->fires($ask), $cook->verdict)),
            'doubts' => array_map(static fn (Phrase $p): array => $p->toArray(), (new Doubts($this->kitchen, $this->portions))->of($ask, $cook, $open, $thin)),
            'sources' => $this->cited($ask, $cook),
        ];
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
     * @return array{level: string, meets_official_minimum: bool, official: array<string, float>, findings: list<array<string, mixed>>, offer: array<string, mixed>|null, may_be_handed_over: bool}
     */
    private function verdict(Ask $ask, array $cooks): array
    {
        $rule = $this->rules->rule($ask->house->standard, $ask->cut->foodClass);
        $level = Level::Clear;
        $isBelow = false;
        foreach ($cooks as $cook) {
            $level = $level->orStricter($cook->verdict->level);
            $isBelow = $isBelow || ! $cook->verdict->meetsOfficialMinimum;
        }
        $offer = $isBelow && $ask->doneness->word !== DonenessWord::OFFICIAL_MINIMUM
            ? ['doneness' => DonenessWord::OFFICIAL_MINIMUM, 'core_c' => $rule->officialC, 'rest_s' => $rule->officialRestS]
            : null;

        return [
            'level' => $level->value,
            'meets_official_minimum' => ! $isBelow,
            'official' => ['core_c' => $rule->officialC, 'rest_s' => $rule->officialRestS],
            'findings' => Pieces::findings($cooks),
            'offer' => $offer,
            'may_be_handed_over' => $level !== Level::Stop,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function stages(Cook $cook, TimeRange $open): array
    {
        $stages = [];
        foreach ($cook->ends as $i => $end) {
            $isOpen = $i === count($cook->plan->before);
            $lengthS = $end->end->timeS - $end->startedAtS;
            $stages[] = [
                'name' => $end->stage->name,
                'starts_s' => round($end->startedAtS),
                'ends_s' => round($end->end->timeS),
                ...($isOpen ? $open : new TimeRange($lengthS, $lengthS, $lengthS))->toArray(),
                'surface_c' => $cook->plan->surfaceC[$end->stage->name] ?? null,
                'metal_falls_to_c' => $end->end->coldestPlateC === null ? null : round($end->end->coldestPlateC),
                'turn_every_s' => $end->stage->flipEveryS,
                'turns_at_s' => array_map(static fn (float $s): float => round($end->startedAtS + $s), $end->stage->flipsWithin($lengthS)),
                'core_c' => round($cook->simulator->coreC($end->end), 1),
            ];
        }

        return $stages;
    }

    /** @return array{time_s: list<float>, core_c: list<float>, surface_a_c: list<float>, surface_b_c: list<float>} */
    private function ribbon(Cook $cook): array
    {
        $isSlab = $cook->simulator->body->isSlab;
        $gapS = $cook->totalS() / self::CURVE_POINTS;
        $ribbon = ['time_s' => [], 'core_c' => [], 'surface_a_c' => [], 'surface_b_c' => []];
        $nextS = 0.0;
        $points = $cook->surface->points;
        foreach ($points as $i => [$timeS, $a, $core, $b]) {
            if ($timeS < $nextS && $i < count($points) - 1) {
                continue;
            }
            $nextS = $timeS + $gapS;
            $ribbon['time_s'][] = round($timeS, 1);
            $ribbon['core_c'][] = round($core, 1);
            $ribbon['surface_a_c'][] = round($isSlab ? $a : $b, 1);
            $ribbon['surface_b_c'][] = round($b, 1);
        }

        return $ribbon;
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

    /** @return list<array{id: string, kind: string, text: string}> */
    private function cited(Ask $ask, Cook $cook): array
    {
        $ids = $this->rules->profileSources($ask->house->standard);
        foreach ($cook->verdict->findings as $finding) {
            $ids = [...$ids, ...$finding->sources];
        }
        foreach ($ask->method->appliances() as $kind) {
            $ids = [...$ids, ...$this->kitchen->appliance($kind, $ask->fires)->sources];
        }

        return $this->sources->cite([
            ...$ids, ...$this->doneness->sources($ask->scale), $this->rules->lethality()['source'], 'choi-okos',
            ...$ask->cut->sources, ...$this->methods->sources(), ...$this->portions->sources(), ...$this->rules->cooling($ask->house->standard)->sources,
        ]);
    }
}
