<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use LogicException;
use Nessmark\Catalogue\DataFolder;
use Nessmark\Catalogue\Record;
use Nessmark\House\Tightening;
use Nessmark\Meat\FoodClass;

/** The published rules, by profile and class of food. */
final class SafetyRules
{
    public readonly SafetyLimits $limits;

    /** @var array<string, SafetyRule> those read before: a case asks for the same few a thousand times */
    private array $read = [];

    private function __construct(private readonly Record $record)
    {
        $this->limits = new SafetyLimits($record->record('limits'));
    }

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('safety.json'));
    }

    /** The published rule, and where a house is stricter its own. */
    public function rule(Profile $profile, FoodClass $class, ?Tightening $tightening = null): SafetyRule
    {
        $published = $this->published($profile, $class);

        return $tightening === null ? $published : $tightening->applied($published, $class);
    }

    private function published(Profile $profile, FoodClass $class): SafetyRule
    {
        return $this->read["{$profile->value} {$class->value}"] ??= $this->readOne($profile, $class);
    }

    private function readOne(Profile $profile, FoodClass $class): SafetyRule
    {
        $rule = $this->record->record('profiles')->record($profile->value)->record('rules')->record($class->value);
        $points = array_map(
            static fn (Record $row): HoldPoint => new HoldPoint($row->number('core_c'), $row->number('hold_s'), $row->text('kind') === 'rest', $row->text('source')),
            $rule->records('any_of'),
        );
        if ($points === []) {
            throw new LogicException("No safe-cooking point for {$class->value} in {$profile->value}.");
        }
        $official = $rule->record('official');

        return new SafetyRule($official->number('core_c'), $official->number('rest_s'), $points, Level::from($rule->text('below')));
    }

    public function cooling(Profile $profile): Cooling
    {
        return Cooling::fromRecord($this->record->record('profiles')->record($profile->value)->record('cooling'));
    }

    public function profileSource(Profile $profile): string
    {
        return $this->record->record('profiles')->record($profile->value)->text('source');
    }

    /** @return array{organism: string, d_ref_s: float, t_ref_c: float, z_k: float, source: string} the set every log reduction here is named with */
    public function lethality(): array
    {
        $set = $this->record->record('lethality');

        return [
            'organism' => $set->text('organism'), 'd_ref_s' => $set->number('d_ref_s'), 't_ref_c' => $set->number('t_ref_c'),
            'z_k' => $set->number('z_k'), 'source' => $set->text('source'),
        ];
    }
}
