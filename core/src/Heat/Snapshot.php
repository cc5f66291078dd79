<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** The body at one moment: what a march starts from and ends in. */
final readonly class Snapshot
{
    /**
     * @param  array<int, float>  $celsius  °C at each node
     * @param  float  $heatInJ  heat that came in through the faces so far, in the units of Grid (J without the constant factor)
     * @param  int  $steps  time steps taken so far
     * @param  Moisture|null  $moisture  null: no water is followed, pure conduction
     */
    public function __construct(
        public float $timeS,
        public array $celsius,
        public float $heatInJ = 0.0,
        public int $steps = 0,
        public ?Moisture $moisture = null,
    ) {}
}
