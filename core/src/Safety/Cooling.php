<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use LogicException;
use Nessmark\Data\Record;

/**
 * How fast cooked food has to be cold, how long it keeps then, how hot it is kept or warmed up. Values and sources:
 * core/data/safety.json.
 */
final readonly class Cooling
{
    /**
     * @param  float  $fromC  where the clock of the rule starts, °C
     * @param  float  $coldC  where it ends, °C
     * @param  non-empty-list<array{float, float}>  $steps  °C to be reached, and within how many seconds
     * @param  float  $fridgeWithinS  how long it may stand after cooking
     * @param  float  $days  how long it keeps, cold
     * @param  float  $hotC  kept hot instead, at this or more, °C
     * @param  float  $reheatC  warmed up again, to this all through, °C
     * @param  list<string>  $sources
     */
    private function __construct(
        public float $fromC,
        public float $coldC,
        public array $steps,
        public float $fridgeWithinS,
        public float $days,
        public float $hotC,
        public float $reheatC,
        public array $sources,
    ) {}

    /** @param  Record  $profile  of core/data/safety.json */
    public static function fromRecord(Record $profile): self
    {
        $record = $profile->record('cooling');
        $steps = array_map(
            static fn (Record $step): array => [$step->number('to_c'), $step->number('within_s')],
            $record->records('steps'),
        );
        if ($steps === []) {
            throw new LogicException('A cooling rule without a step.');
        }

        return new self(
            $record->number('from_c'),
            $steps[count($steps) - 1][0],
            $steps,
            $record->number('fridge_within_s'),
            $record->number('days'),
            $profile->record('hot_holding')->number('least_c'),
            $profile->record('reheating')->number('core_c'),
            [
                ...$record->texts('sources'),
                $profile->record('hot_holding')->text('source'),
                $profile->record('reheating')->text('source'),
            ],
        );
    }

    /** Both hold. */
    public function and(self $other): self
    {
        return new self(
            max($this->fromC, $other->fromC),
            min($this->coldC, $other->coldC),
            [...$this->steps, ...$other->steps],
            min($this->fridgeWithinS, $other->fridgeWithinS),
            min($this->days, $other->days),
            max($this->hotC, $other->hotC),
            max($this->reheatC, $other->reheatC),
            [...$this->sources, ...$other->sources],
        );
    }
}
