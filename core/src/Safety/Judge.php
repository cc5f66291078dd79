<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Meat\Form;
use Nessmark\Meat\Hazard;
use Nessmark\Meat\Rearing;
use Nessmark\Say\Phrase;

/** Sees every plan last, and can only make it stricter. Nothing in an ask switches a finding off. */
final readonly class Judge
{
    public function __construct(private SafetyRules $rules) {}

    /** True when this plan has no freedom: below the official minimum it would be a stop. */
    public function mustMeetMinimum(Serving $serving): bool
    {
        if ($serving->isAnyoneAtRisk || $this->rules->of($serving->standard, $serving->cut)->below === Level::Stop) {
            return true;
        }
        foreach ($this->rules->hazards($serving->cut, false, false) as $hazard) {
            if ($hazard->level === Level::Stop && $hazard->unless !== []) {
                return true;
            }
        }

        return false;
    }

    public function judge(Serving $serving, CookEvidence $evidence): Verdict
    {
        $rule = $this->rules->of($serving->standard, $serving->cut);
        $meets = $evidence->held->satisfies($rule, $evidence->pulledAtS);

        return new Verdict(
            [
                ...$this->minimum($serving, $evidence, $rule, $meets),
                ...$this->avoided($serving),
                ...$this->hazards($serving, $evidence),
                ...$this->children($serving, $meets),
                ...$this->unknownRearing($serving, $evidence, $meets),
                ...$this->parasites($serving, $evidence),
                ...$this->warmStart($serving, $evidence),
                ...$this->slowHeat($serving, $evidence),
                ...$this->leastOven($serving, $evidence),
                ...$this->timeOnly($serving, $evidence),
            ],
            $meets,
        );
    }

    /** What is going to be said of a piece before it is cooked, as far as it can be told: for ranking. */
    public function foreseen(Serving $serving): Level
    {
        $level = $serving->avoided === null ? Level::Clear : Level::Stop;
        foreach ($this->rules->hazards($serving->cut, $serving->isAnyoneAtRisk, $serving->isAnyChild) as $hazard) {
            $level = $hazard->unless === [] ? $level->orStricter($hazard->level) : $level;
        }

        return $level;
    }

    /** @return list<Finding> */
    private function minimum(Serving $serving, CookEvidence $evidence, SafetyRule $rule, bool $meets): array
    {
        $args = ['official_c' => $rule->officialC, 'official_rest_s' => $rule->officialRestS, 'peak_c' => $evidence->peakCoreC];
        $held = $rule->officialRestS > 0.0 ? '_held' : '';
        if ($meets) {
            // Safe by the table's hold, but only as good as the clock and the thermometer that keep it.
            return match (true) {
                ! $this->mustMeetMinimum($serving) => [],
                $evidence->peakCoreC < $rule->officialC => [
                    new Finding(Level::Caution, new Phrase('safety.safe_by_hold', $args), $rule->sources()),
                ],
                $evidence->isHeldInstead => [new Finding(Level::Caution, new Phrase('safety.held_instead', $args), $rule->sources())],
                default => [],
            };
        }

        return [
            match (true) {
                $serving->isAnyoneAtRisk => new Finding(
                    Level::Stop,
                    new Phrase('safety.below_minimum_at_risk'.$held, $args),
                    $rule->sources(),
                ),
                $rule->below === Level::Stop => new Finding(
                    Level::Stop,
                    new Phrase("safety.below_minimum_stop_{$serving->cut->foodClass->value}", $args),
                    $rule->sources(),
                ),
                default => new Finding(Level::Caution, new Phrase('safety.below_minimum'.$held, $args), $rule->sources()),
            },
        ];
    }

    /** @return list<Finding> of somebody who eats of it and must not */
    private function avoided(Serving $serving): array
    {
        return $serving->avoided === null
            ? []
            : [
                new Finding(Level::Stop, new Phrase('safety.avoided_meat', ['food' => $serving->avoided]), [
                    $this->rules->limits->source('probe_from_mm'),
                ]),
            ];
    }

    /**
     * A child of an age nobody said may be under five, and so at risk.
     *
     * @return list<Finding>
     */
    private function children(Serving $serving, bool $meets): array
    {
        return $meets || ! $serving->isAnyChild || $serving->isAnyoneAtRisk
            ? []
            : [
                new Finding(
                    Level::Caution,
                    new Phrase('safety.children_under_five'),
                    $this->rules->of($serving->standard, $serving->cut)->sources(),
                ),
            ];
    }

    /** @return list<Finding> of what the food is, however it is cooked */
    private function hazards(Serving $serving, CookEvidence $evidence): array
    {
        $findings = [];
        foreach ($this->rules->hazards($serving->cut, $serving->isAnyoneAtRisk, $serving->isAnyChild) as $rule) {
            if ($rule->unless === [] || ! $evidence->held->meets($rule->unless, $evidence->pulledAtS)) {
                $findings[] = new Finding($rule->level, new Phrase("safety.hazard_{$rule->hazard->value}"), [$rule->source]);
            }
        }

        return $findings;
    }

    /**
     * Farmed or wild is known of a lot, not of a species: where nobody said, what would not do for the wild is read out.
     *
     * @return list<Finding>
     */
    private function unknownRearing(Serving $serving, CookEvidence $evidence, bool $meets): array
    {
        if ($serving->rearing !== null || $serving->cut->usualRearing() !== Rearing::Farmed) {
            return [];
        }
        $wild = $this->rules->of($serving->standard, $serving->cut->reared(Rearing::Wild));

        return $meets && $evidence->held->satisfies($wild, $evidence->pulledAtS)
            ? []
            : [new Finding(Level::Caution, new Phrase('safety.farmed_or_wild', ['official_c' => $wild->officialC]), $wild->sources())];
    }

    /** @return list<Finding> */
    private function parasites(Serving $serving, CookEvidence $evidence): array
    {
        $rule = $serving->isParasiteFrozen ? null : $this->rules->parasites($serving->standard, $serving->cut, $serving->rearing);

        return $rule === null || $evidence->held->meets([$rule['point']], $evidence->pulledAtS)
            ? []
            : [
                new Finding(
                    Level::Caution,
                    new Phrase('safety.parasites', ['core_c' => $rule['point']->coreC, 'hold_s' => $rule['point']->holdS]),
                    $rule['sources'],
                ),
            ];
    }

    /** @return list<Finding> */
    private function warmStart(Serving $serving, CookEvidence $evidence): array
    {
        $limits = $this->rules->limits;
        $chilled = $this->rules->chilled($serving->standard, $serving->cut->foodClass);
        $mustBeCold = $this->rules->mustStartCold($serving->cut->foodClass, $serving->isAnyoneAtRisk);
        $args = ['start_c' => $evidence->startC];

        return match (true) {
            $evidence->startC > $limits->of('warmest_start_c') => [
                new Finding(Level::Stop, new Phrase('safety.warm_start_too_hot', $args), [$limits->source('warmest_start_c')]),
            ],
            $mustBeCold && $evidence->startC > $chilled['most_c'] => [
                new Finding(Level::Stop, new Phrase('safety.warm_start_stop', [...$args, 'chilled_c' => $chilled['most_c']]), [
                    $chilled['source'],
                ]),
            ],
            $evidence->startC > $limits->of('warm_start_c') => [
                new Finding(Level::Caution, new Phrase('safety.warm_start', $args), [$limits->source('room_within_s')]),
            ],
            default => [],
        };
    }

    /**
     * How long the core is where things grow, counted to the long end of the range. What has to start cold goes by the profile; whole
     * pieces, and what is sealed in a bath, by the core's way out of the growth range, and for someone at risk the profile is read out.
     *
     * @return list<Finding>
     */
    private function slowHeat(Serving $serving, CookEvidence $evidence): array
    {
        $limits = $this->rules->limits;
        $growthC = $limits->of('growth_above_c');
        $rules = [
            [
                Level::Stop,
                [
                    'above_c' => $growthC,
                    'within_s' => $limits->of($evidence->slowestToS($growthC) === null ? 'unpasteurised_within_s' : 'growth_within_s'),
                    'source' => $limits->source('growth_above_c'),
                ],
            ],
        ];
        foreach ($serving->isSealed ? [] : $this->rules->slowHeat($serving->standard) as $rule) {
            $rules[] = [
                $this->rules->mustStartCold($serving->cut->foodClass, false) && ! $this->isBirdInItsOven($serving, $evidence)
                    ? Level::Stop
                    : ($serving->isAnyoneAtRisk
                        ? Level::Caution
                        : Level::Clear),
                $rule,
            ];
        }
        foreach ($rules as [$level, $rule]) {
            $takesS = $evidence->slowestToS($rule['above_c']) ?? $evidence->stoodS + $evidence->heatedS + $evidence->longerByS;
            if ($takesS > $rule['within_s'] && $level !== Level::Clear) {
                $args = ['growth_c' => $rule['above_c'], 'within_s' => $rule['within_s'], 'takes_s' => round($takesS)];

                return [
                    new Finding($level, new Phrase($level === Level::Stop ? Verdict::TOO_SLOW : 'safety.slow', $args), [$rule['source']]),
                ];
            }
        }

        return $serving->isSealed && $evidence->slowestToS($growthC) === null
            ? [
                new Finding(
                    Level::Caution,
                    new Phrase('safety.bath_too_cool', ['growth_c' => $growthC, 'within_s' => $limits->of('unpasteurised_within_s')]),
                    [$limits->source('growth_above_c')],
                ),
            ]
            : [];
    }

    /**
     * The published roasting charts put whole birds of any weight into an oven of 163 °C (325 °F) for as long as it takes: read here as
     * hot enough all round, so that a slow core alone is no stop.
     */
    private function isBirdInItsOven(Serving $serving, CookEvidence $evidence): bool
    {
        return $serving->cut->form === Form::WholeBird &&
            ! $serving->cut->has(Hazard::Stuffed) &&
            $evidence->ovenC !== null &&
            $evidence->ovenC >= $this->rules->limits->of('bird_oven_c');
    }

    /** @return list<Finding> */
    private function leastOven(Serving $serving, CookEvidence $evidence): array
    {
        $least = $evidence->ovenC === null ? null : $this->rules->leastOven($serving->standard, $serving->cut->foodClass);

        return $least === null || $evidence->ovenC >= $least['core_c']
            ? []
            : [
                new Finding(
                    Level::Stop,
                    new Phrase('safety.oven_too_cool', ['heat_c' => $evidence->ovenC, 'least_c' => $least['core_c']]),
                    [$least['source']],
                ),
            ];
    }

    /** @return list<Finding> */
    private function timeOnly(Serving $serving, CookEvidence $evidence): array
    {
        return $evidence->canProbe || ! $this->mustMeetMinimum($serving)
            ? []
            : [new Finding(Level::Caution, new Phrase('safety.time_only'), [$this->rules->limits->source('probe_from_mm')])];
    }

    /** @return list<float> the temperatures a plan is asked about, °C */
    public function watchedC(Standard $standard): array
    {
        return [$this->rules->limits->of('growth_above_c'), ...array_column($this->rules->slowHeat($standard), 'above_c')];
    }
}
