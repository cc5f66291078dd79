<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** What is asked of one class of food. */
final readonly class SafetyRule
{
    /**
     * @param  float  $officialC  the minimum to aim for when it must be met, °C
     * @param  float  $officialRestS  and the hold that goes with it, s
     * @param  non-empty-list<non-empty-list<HoldPoint>>  $tables  each table is met by any one of its points; all tables have to be met
     * @param  Level  $below  verdict for a healthy diner when one is not
     */
    public function __construct(public float $officialC, public float $officialRestS, public array $tables, public Level $below) {}

    /** Both hold: the hotter minimum, every table, the sterner verdict. */
    public function and(self $other): self
    {
        $hotter =
            $other->officialC > $this->officialC ||
            ($other->officialC === $this->officialC && $other->officialRestS > $this->officialRestS)
                ? $other
                : $this;

        return new self(
            $hotter->officialC,
            $hotter->officialRestS,
            [...$this->tables, ...$other->tables],
            $this->below->orStricter($other->below),
        );
    }

    /** The shortest printed hold at or below a core temperature that meets every table; null when one does not go that low. */
    public function shortestHoldAt(float $coreC): ?HoldPoint
    {
        $longest = null;
        foreach ($this->tables as $points) {
            $best = null;
            foreach ($points as $point) {
                $best = $point->coreC <= $coreC && ($best === null || $point->holdS < $best->holdS) ? $point : $best;
            }
            if ($best === null) {
                return null;
            }
            $longest = $longest === null || $best->holdS > $longest->holdS ? $best : $longest;
        }

        return $longest;
    }

    /** @return list<HoldPoint> of all tables */
    public function points(): array
    {
        return array_merge(...$this->tables);
    }

    /** @return list<string> */
    public function sources(): array
    {
        return array_values(array_unique(array_map(static fn (HoldPoint $point): string => $point->source, $this->points())));
    }
}
