<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use LogicException;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Hazard;
use Nessmark\Meat\Rearing;

/** The published rules, by profile and class of food; where more than one profile holds, the stricter of each. */
final class SafetyRules
{
    public readonly SafetyLimits $limits;

    /** @var array<string, SafetyRule> those read before: a case asks for the same few a thousand times */
    private array $read = [];

    /** @var array<string, HazardRule> by hazard */
    private readonly array $hazards;

    private function __construct(private readonly Record $record)
    {
        $this->limits = new SafetyLimits($record->record('limits'));
        $hazards = [];
        foreach ($record->record('hazards')->keys() as $key) {
            $rule = $record->record('hazards')->record($key);
            $hazards[$key] = new HazardRule(
                Hazard::from($key),
                Level::from($rule->text('level')),
                $rule->text('for') === 'everyone',
                $rule->has('unless') ? array_merge(...array_map($this->table(...), $rule->texts('unless'))) : [],
                $rule->text('source'),
                $rule->has('for_children') ? Level::from($rule->text('for_children')) : null,
            );
        }
        $this->hazards = $hazards;
    }

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('safety.json'));
    }

    public function rule(Standard $standard, FoodClass $class): SafetyRule
    {
        $rule = $this->published($standard->profile, $class);
        if ($standard->also !== null) {
            $rule = $rule->and($this->published($standard->also, $class));
        }

        return $standard->tightening->applied($rule, $class);
    }

    /** What is asked of a cut: of what it counts as, and of everything else it is, minced or wild, as well. */
    public function of(Standard $standard, Cut $cut): SafetyRule
    {
        $rule = $this->rule($standard, $cut->foodClass);
        foreach ([Hazard::Wild, Hazard::Organ, Hazard::Minced] as $hazard) {
            $class = $hazard === Hazard::Minced ? FoodClass::Minced : $hazard->atLeast() ?? $cut->foodClass;
            $rule = $cut->has($hazard) && $class !== $cut->foodClass ? $rule->and($this->rule($standard, $class)) : $rule;
        }

        return $rule;
    }

    /** @return list<HazardRule> of what the food is, for whoever eats it */
    public function hazards(Cut $cut, bool $isAnyoneAtRisk, bool $isAnyChild): array
    {
        $rules = [];
        foreach ($cut->hazards as $hazard) {
            $rule = $this->hazard($hazard)?->holdingFor($isAnyoneAtRisk, $isAnyChild);
            if ($rule !== null) {
                $rules[] = $rule;
            }
        }

        return $rules;
    }

    public function hazard(Hazard $hazard): ?HazardRule
    {
        return $this->hazards[$hazard->value] ?? null;
    }

    /** What has to start cold, and is never left standing in the room. */
    public function mustStartCold(FoodClass $class, bool $isAnyoneAtRisk): bool
    {
        return $isAnyoneAtRisk || in_array($class->value, $this->record->texts('must_start_cold'), true);
    }

    /** @return array{most_c: float, source: string} how cold that is */
    public function chilled(Standard $standard, FoodClass $class): array
    {
        return self::coldest(
            array_map(static function (Record $profile) use ($class): array {
                $chilled = $profile->record('chilled');
                $byClass = $chilled->has('by_class') ? $chilled->record('by_class') : new Record([], 'chilled');

                return ['most_c' => $byClass->numberOr($class->value, $chilled->number('most_c')), 'source' => $chilled->text('source')];
            }, $this->profiles($standard)),
        );
    }

    /**
     * @param  non-empty-list<array{most_c: float, source: string}>  $limits
     * @return array{most_c: float, source: string}
     */
    private static function coldest(array $limits): array
    {
        usort($limits, static fn (array $a, array $b): int => $a['most_c'] <=> $b['most_c']);

        return $limits[0];
    }

    /**
     * @return non-empty-list<array{above_c: float, within_s: float, source: string}> how fast what must start cold has to be hot: each
     * holds
     */
    public function slowHeat(Standard $standard): array
    {
        return array_map(static function (Record $profile): array {
            $rule = $profile->record('slow_heat');

            return ['above_c' => $rule->number('above_c'), 'within_s' => $rule->number('within_s'), 'source' => $rule->text('source')];
        }, $this->profiles($standard));
    }

    /** @return array{core_c: float, source: string}|null the coolest oven this class may be cooked in; null where no rule says so */
    public function leastOven(Standard $standard, FoodClass $class): ?array
    {
        foreach ($this->profiles($standard) as $profile) {
            if ($profile->has('least_oven') && in_array($class->value, $profile->record('least_oven')->texts('classes'), true)) {
                return [
                    'core_c' => $profile->record('least_oven')->number('core_c'),
                    'source' => $profile->record('least_oven')->text('source'),
                ];
            }
        }

        return null;
    }

    /**
     * What a fish must have been through to be eaten nearly raw, or null where its profile exempts it: farmed on feed without worms,
     * or of a kind that is listed.
     *
     * @return array{point: HoldPoint, sources: list<string>}|null
     */
    public function parasites(Standard $standard, Cut $cut, ?Rearing $rearing): ?array
    {
        foreach ($this->profiles($standard) as $profile) {
            $exempt = $profile->texts('parasites_unless');
            $isExempt =
                ($rearing === Rearing::Farmed && in_array(Rearing::Farmed->value, $exempt, true)) ||
                array_filter($cut->hazards, static fn (Hazard $hazard): bool => in_array($hazard->value, $exempt, true)) !== [];
            if ($cut->mayCarryParasites() && ! $isExempt) {
                $point = $this->table('parasite_60')[0];

                return ['point' => $point, 'sources' => [$point->source, $profile->text('parasites_source')]];
            }
        }

        return null;
    }

    public function cooling(Standard $standard): Cooling
    {
        $rules = array_map(static fn (Record $profile): Cooling => Cooling::fromRecord($profile), $this->profiles($standard));

        return isset($rules[1]) ? $rules[0]->and($rules[1]) : $rules[0];
    }

    /** @return list<string> */
    public function profileSources(Standard $standard): array
    {
        return array_map(static fn (Record $profile): string => $profile->text('source'), $this->profiles($standard));
    }

    /**
     * @return array{organism: string, d_ref_s: float, t_ref_c: float, z_k: float, source: string} the set every log reduction here is
     * named with
     */
    public function lethality(): array
    {
        $set = $this->record->record('lethality');

        return [
            'organism' => $set->text('organism'),
            'd_ref_s' => $set->number('d_ref_s'),
            't_ref_c' => $set->number('t_ref_c'),
            'z_k' => $set->number('z_k'),
            'source' => $set->text('source'),
        ];
    }

    /** @return non-empty-list<Record> */
    private function profiles(Standard $standard): array
    {
        return array_map(
            fn (Profile $profile): Record => $this->record->record('profiles')->record($profile->value),
            $standard->profiles(),
        );
    }

    private function published(Profile $profile, FoodClass $class): SafetyRule
    {
        return $this->read["{$profile->value} {$class->value}"] ??= $this->readOne($profile, $class);
    }

    private function readOne(Profile $profile, FoodClass $class): SafetyRule
    {
        $rule = $this->record->record('profiles')->record($profile->value)->record('rules')->record($class->value);
        $official = $rule->record('official');
        $points = array_merge(...array_map($this->table(...), $rule->texts('any_of')));

        return new SafetyRule(
            $official->number('core_c'),
            $official->number('rest_s'),
            [$points === [] ? throw new LogicException("No table for {$class->value}.") : $points],
            Level::from($rule->text('below')),
        );
    }

    /** @return non-empty-list<HoldPoint> */
    private function table(string $name): array
    {
        $points = array_map(HoldPoint::fromRecord(...), $this->record->record('tables')->records($name));

        return $points === [] ? throw new LogicException("The table {$name} has no point.") : $points;
    }
}
