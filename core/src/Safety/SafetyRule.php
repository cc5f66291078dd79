<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** What a profile asks of one class of food. */
final readonly class SafetyRule
{
    /**
     * @param  float  $officialC  the minimum to aim for when it must be met, °C
     * @param  float  $officialRestS  and the rest or hold that goes with it, s
     * @param  non-empty-list<HoldPoint>  $points  any one of them is enough
     * @param  Level  $below  verdict for a healthy diner when none is met
     */
    public function __construct(public float $officialC, public float $officialRestS, public array $points, public Level $below) {}

    /** The shortest printed hold at or below a core temperature; null when the table does not go that low. */
    public function shortestHoldAt(float $coreC): ?HoldPoint
    {
        $best = null;
        foreach ($this->points as $point) {
            if (! $point->isRest && $point->coreC <= $coreC && ($best === null || $point->holdS < $best->holdS)) {
                $best = $point;
            }
        }

        return $best;
    }
}
