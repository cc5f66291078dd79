<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Advice\Ask;
use Nessmark\Advice\Phrase;
use Nessmark\Meat\FoodClass;
use Nessmark\Method\Method;

/** Sees every plan last, and can only make it stricter. Nothing in an ask switches a finding off. */
final readonly class Judge
{
    public function __construct(private SafetyRules $rules) {}

    /** True when this plan has no freedom: below the official minimum it would be a stop. */
    public function mustMeetMinimum(Ask $ask): bool
    {
        return $ask->isAnyoneAtRisk() || $this->rules->rule($ask->profile, $ask->cut->foodClass, $ask->house->tightening)->below === Level::Stop;
    }

    public function judge(Ask $ask, CookEvidence $evidence): Verdict
    {
        $rule = $this->rules->rule($ask->profile, $ask->cut->foodClass, $ask->house->tightening);
        $meets = $evidence->held->meets($rule->points, $evidence->pulledAtS);

        return new Verdict([
            ...$this->minimum($ask, $evidence, $rule, $meets),
            ...$this->parasites($ask, $evidence),
            ...$this->warmStart($ask),
            ...$this->growth($ask, $evidence),
            ...$this->timeOnly($ask, $evidence),
        ], $meets);
    }

    /** @return list<Finding> */
    private function minimum(Ask $ask, CookEvidence $evidence, SafetyRule $rule, bool $meets): array
    {
        $args = ['official_c' => $rule->officialC, 'official_rest_s' => $rule->officialRestS, 'peak_c' => $evidence->peakCoreC];
        $sources = array_values(array_unique(array_map(static fn (HoldPoint $point): string => $point->source, $rule->points)));
        $held = $rule->officialRestS > 0.0 ? '_held' : '';
        if ($meets) {
            // Safe by the table's hold, but only as good as the clock and the thermometer that keep it.
            return $evidence->peakCoreC < $rule->officialC && $this->mustMeetMinimum($ask)
                ? [new Finding(Level::Caution, new Phrase('safety.safe_by_hold', $args), $sources)]
                : [];
        }

        return [match (true) {
            $ask->isAnyoneAtRisk() => new Finding(Level::Stop, new Phrase('safety.below_minimum_at_risk'.$held, $args), $sources),
            $rule->below === Level::Stop => new Finding(Level::Stop, new Phrase("safety.below_minimum_stop_{$ask->cut->foodClass->value}", $args), $sources),
            default => new Finding(Level::Caution, new Phrase('safety.below_minimum'.$held, $args), $sources),
        }];
    }

    /** @return list<Finding> */
    private function parasites(Ask $ask, CookEvidence $evidence): array
    {
        if ($ask->cut->foodClass !== FoodClass::Fish || $ask->isParasiteFrozen) {
            return [];
        }
        $limits = $this->rules->limits;
        $point = new HoldPoint($limits->of('parasite_core_c'), $limits->of('parasite_hold_s'), false, $limits->source('parasite_core_c'));

        return $evidence->held->meets([$point], $evidence->pulledAtS) ? [] : [new Finding(
            Level::Caution,
            new Phrase('safety.parasites', ['core_c' => $point->coreC, 'hold_s' => $point->holdS]),
            [$point->source],
        )];
    }

    /** @return list<Finding> */
    private function warmStart(Ask $ask): array
    {
        $limits = $this->rules->limits;
        $startC = $ask->start->toCelsius();
        $mustBeCold = in_array($ask->cut->foodClass, [FoodClass::Minced, FoodClass::NonIntact, FoodClass::Stuffed], true) || $ask->isAnyoneAtRisk();
        $args = ['start_c' => $startC];

        return match (true) {
            $startC > $limits->of('warmest_start_c') => [new Finding(Level::Stop, new Phrase('safety.warm_start_too_hot', $args), [$limits->source('warmest_start_c')])],
            $mustBeCold && $startC > $limits->of('chilled_max_c') => [new Finding(
                Level::Stop,
                new Phrase('safety.warm_start_stop', [...$args, 'chilled_c' => $limits->of('chilled_max_c')]),
                [$limits->source('chilled_max_c')],
            )],
            $startC > $limits->of('warm_start_c') => [new Finding(Level::Caution, new Phrase('safety.warm_start', $args), [$limits->source('warmest_start_c')])],
            default => [],
        };
    }

    /** @return list<Finding> */
    private function growth(Ask $ask, CookEvidence $evidence): array
    {
        $limits = $this->rules->limits;
        $withinS = $evidence->outOfGrowthAtS === null ? $limits->of('unpasteurised_within_s') : $limits->of('growth_within_s');
        $args = ['growth_c' => $limits->of('growth_above_c'), 'within_s' => $withinS];
        $source = [$limits->source('growth_above_c')];

        return match (true) {
            ($evidence->outOfGrowthAtS ?? $evidence->heatedS) > $withinS => [new Finding(Level::Stop, new Phrase('safety.too_slow', $args), $source)],
            in_array($ask->method, [Method::WaterBath, Method::BathThenSear], true) && $evidence->outOfGrowthAtS === null => [new Finding(Level::Caution, new Phrase('safety.bath_too_cool', $args), $source)],
            default => [],
        };
    }

    /** @return list<Finding> */
    private function timeOnly(Ask $ask, CookEvidence $evidence): array
    {
        if ($evidence->canProbe || ! $this->mustMeetMinimum($ask)) {
            return [];
        }

        return [new Finding(
            Level::Caution,
            new Phrase('safety.time_only', ['probe_from_mm' => $this->rules->limits->of('probe_from_mm')]),
            [$this->rules->limits->source('probe_from_mm')],
        )];
    }
}
