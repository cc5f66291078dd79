<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use LogicException;
use Nessmark\Catalogue\Record;

/** How fast cooked food has to be cold, and how long it keeps then. Values and sources: core/data/safety.json. */
final readonly class Cooling
{
    /**
     * @param  float  $fromC  where the clock of the rule starts, °C
     * @param  float  $coldC  where it ends, °C
     * @param  non-empty-list<array{float, float}>  $steps  °C to be reached, and within how many seconds
     * @param  float  $fridgeWithinS  how long it may stand after cooking
     * @param  float  $days  how long it keeps, cold
     * @param  list<string>  $sources
     */
    private function __construct(
        public float $fromC,
        public float $coldC,
        public array $steps,
        public float $fridgeWithinS,
        public float $days,
        public array $sources,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $steps = array_map(static fn (Record $step): array => [$step->number('to_c'), $step->number('within_s')], $record->records('steps'));
        if ($steps === []) {
            throw new LogicException('A cooling rule without a step.');
        }

        return new self($record->number('from_c'), $steps[count($steps) - 1][0], $steps, $record->number('fridge_within_s'), $record->number('days'), $record->texts('sources'));
    }
}
