<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Data\Record;
use Nessmark\Seasoning\Food;
use Nessmark\Seasoning\Larder;

/** What goes with the meat: minutes of hands before, what it is heated on, hands after, and how long it waits. */
final readonly class Side
{
    /**
     * @param  list<Food>  $foods  it is made of, beside water
     * @param  Station|null  $on  null for what is eaten cold
     * @param  bool  $needsHands  all the while it is on
     * @param  int  $holdMin  that it waits when it is ready
     * @param  int  $aheadMin  that it may be made ready before
     */
    private function __construct(
        public string $slug,
        public string $name,
        public int $serves,
        public array $foods,
        public int $prepMin,
        public ?Station $on,
        public int $heatMin,
        public ?float $heatC,
        public bool $needsHands,
        public int $finishMin,
        public int $holdMin,
        public int $aheadMin,
    ) {}

    public static function fromRecord(string $slug, Record $record, Larder $larder): self
    {
        $heat = $record->has('heat') ? $record->record('heat') : null;

        return new self(
            $slug,
            $record->text('name'),
            (int) $record->number('serves'),
            $larder->foods($record->texts('foods')),
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

    /** @return list<string> */
    public function allergens(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (Food $food): array => $food->allergens, $this->foods))));
    }

    /** @return list<string> that labels warn of, beside those that are in it */
    public function mayContain(): array
    {
        $may = array_merge(...array_map(static fn (Food $food): array => $food->mayContain, $this->foods));

        return array_values(array_unique(array_diff($may, $this->allergens())));
    }
}
