<?php

declare(strict_types=1);

namespace Nessmark\Grade;

use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;

/** A published scale: what it measures, its official range, and the fat each of its values stands for, if any. */
final readonly class GradeScale
{
    /**
     * @param  list<string>  $groups  kinds of meat it is used for
     * @param  list<GradeStep>  $steps  rising
     * @param  array{min: float, max: float, step: float}|null  $numbers  for scales of numbers
     * @param  bool  $isComparable  whether its values can be set beside those of other scales by fat
     * @param  list<string>  $sources
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $authority,
        public array $groups,
        public string $measures,
        public string $range,
        public string $note,
        public array $steps,
        public ?array $numbers,
        public bool $isComparable,
        public array $sources,
    ) {}

    /** @param  list<GradeStep>  $steps */
    public static function of(Record $record, array $steps): self
    {
        $number = $record->has('number') ? $record->record('number') : null;

        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->text('authority'),
            $record->texts('groups'),
            $record->text('measures'),
            $record->text('range'),
            $record->text('note'),
            $steps,
            $number === null
                ? null
                : ['min' => $number->number('min'), 'max' => $number->number('max'), 'step' => $number->number('step')],
            $record->flag('comparable'),
            $record->texts('sources'),
        );
    }

    public function carriesFat(): bool
    {
        return $this->steps !== [] && $this->steps[0]->fat !== null;
    }

    /**
     * @param  string  $value  as typed: a value, its label, or a number
     *
     * @throws InputRefused naming the official range
     */
    public function step(string $value): GradeStep
    {
        $typed = mb_strtolower(trim($value));
        foreach ($this->steps as $step) {
            if (
                $typed === $step->value ||
                $typed === mb_strtolower($step->label) ||
                (is_numeric($typed) && is_numeric($step->value) && (float) $typed === (float) $step->value)
            ) {
                return $step;
            }
        }
        throw InputRefused::one('value', 'not_allowed', $value, 'grade_value', ['scale' => $this->name, 'range' => $this->range]);
    }
}
