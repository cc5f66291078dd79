<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** The body at one moment: what a march starts from and ends in. */
final readonly class Snapshot
{
    /** At sea level (ITS-90: 99.97 °C). */
    private const BOILING_C = 100.0;

    /**
     * @param  array<int, float>  $celsius  °C at each node
     * @param  float  $heatInJ  heat that came in through the faces so far, in the units of Grid (J without the constant factor)
     * @param  int  $steps  time steps taken so far
     * @param  Moisture|null  $moisture  null: no water is followed, pure conduction
     * @param  float|null  $plateC  the metal under the piece, °C; null: as it was set
     * @param  float|null  $coldestPlateC  how far it fell in this stage, °C; null: there is none
     */
    public function __construct(
        public float $timeS,
        public array $celsius,
        public float $heatInJ = 0.0,
        public int $steps = 0,
        public ?Moisture $moisture = null,
        public ?float $plateC = null,
        public ?float $coldestPlateC = null,
    ) {}

    /** The same body when a stage begins: on metal as hot as it was set. */
    public function onFreshPlate(): self
    {
        return new self($this->timeS, $this->celsius, $this->heatInJ, $this->steps, $this->moisture);
    }

    /** When the pressure goes, water above 100 °C boils until it is there; what little that takes away is not counted. */
    public function vented(): self
    {
        $celsius = array_map(static fn (float $c): float => min($c, self::BOILING_C), $this->celsius);

        return new self($this->timeS, $celsius, $this->heatInJ, $this->steps, $this->moisture, $this->plateC, $this->coldestPlateC);
    }
}
