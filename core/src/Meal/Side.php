<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Data\Record;

/** What goes with the meat: minutes of hands before, what it is heated on, hands after, and how long it waits. */
final readonly class Side
{
    /**
     * @param  list<string>  $allergens
     * @param  Station|null  $on  null for what is eaten cold
     * @param  bool  $needsHands  all the while it is on
     * @param  int  $holdMin  that it waits when it is ready
     * @param  int  $aheadMin  that it may be made ready before
     */
    private function __construct(
        public string $slug,
        public string $name,
        public int $serves,
        public array $allergens,
        public int $prepMin,
        public ?Station $on,
        public int $heatMin,
        public ?float $heatC,
        public bool $needsHands,
        public int $finishMin,
        public int $holdMin,
        public int $aheadMin,
    ) {}

    public static function fromRecord(string $slug, Record $record): self
    {
        $heat = $record->has('heat') ? $record->record('heat') : null;

        return new self(
            $slug,
            $record->text('name'),
            (int) $record->number('serves'),
            $record->has('allergens') ? $record->texts('allergens') : [],
            (int) $record->number('prep_min'),
            $heat === null ? null : Station::from($heat->text('on')),
            $heat === null ? 0 : (int) $heat->number('min'),
            $heat?->has('c') === true ? $heat->number('c') : null,
            $heat?->has('hands') === true && $heat->flag('hands'),
            (int) $record->numberOr('finish_min', 0.0),
            (int) $record->number('hold_min'),
            (int) (60.0 * $record->numberOr('ahead_h', 0.0)),
        );
    }
}
