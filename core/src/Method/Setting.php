<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Appliance\Fires;

/** How a method is to be run: how hot, on what, with how many pieces at once. */
final readonly class Setting
{
    /**
     * @param  float  $heatC  setting of the method's first appliance
     * @param  float  $targetC  the core asked for
     * @param  int  $pieces  on the metal together
     * @param  float  $holdS  how long to stay in after the core is there, where the method can hold
     * @param  float  $strength  1, or a weaker or stronger fire
     */
    public function __construct(
        public float $heatC,
        public float $targetC,
        public Fires $fires = new Fires,
        public int $pieces = 1,
        public float $holdS = 0.0,
        public float $strength = 1.0,
        public Manner $manner = new Manner,
    ) {}

    public function at(float $heatC): self
    {
        return new self($heatC, $this->targetC, $this->fires, $this->pieces, $this->holdS, $this->strength, $this->manner);
    }

    /** The same fire, weaker or stronger by a factor, and without a hold. */
    public function withStrength(float $strength): self
    {
        return new self($this->heatC, $this->targetC, $this->fires, $this->pieces, 0.0, $strength, $this->manner);
    }
}
