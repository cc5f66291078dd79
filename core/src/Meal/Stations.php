<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** How much of each there is in a kitchen. */
final readonly class Stations
{
    /** Ovens that are so far apart can share: the later door is opened a little sooner or later. Common practice, no source. */
    private const OVEN_AGREES_K = 20.0;

    /** @param  int  $shelves  dishes that fit into the oven at once */
    public function __construct(
        public int $cooks = 1,
        public int $burners = 4,
        public int $shelves = 2,
        public int $grillPlaces = 2,
        public int $baths = 1,
    ) {}

    /** @param  list<Station>  $out */
    public function without(array $out): self
    {
        $left = fn (Station $of): int => in_array($of, $out, true) ? 0 : $this->of($of);

        return new self(
            $this->cooks, $left(Station::Burner), $left(Station::Oven), $left(Station::Grill), $left(Station::Bath),
        );
    }

    public function of(Station $station): int
    {
        return match ($station) {
            Station::Hands => $this->cooks,
            Station::Burner => $this->burners,
            Station::Oven => $this->shelves,
            Station::Grill => $this->grillPlaces,
            Station::Bath => $this->baths,
        };
    }

    /** Whether both can be in the oven, or the bath, at once. */
    public static function agree(Task $one, Task $other): bool
    {
        return $one->heatC === null || $other->heatC === null || abs($one->heatC - $other->heatC) <= self::OVEN_AGREES_K;
    }
}
