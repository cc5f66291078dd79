<?php

declare(strict_types=1);

namespace Nessmark\Method;

/** How a plan is carried out where the trade does it both ways. */
final readonly class Manner
{
    /**
     * @param  bool  $turnsOnce  turned once, half-way, and not again and again
     * @param  float|null  $turnEveryS  when that is; null until it was found
     * @param  bool  $restsLong  twice as long and covered, not short and open
     */
    public function __construct(public bool $turnsOnce = false, public ?float $turnEveryS = null, public bool $restsLong = false) {}

    public function turningEvery(float $seconds): self
    {
        return new self($this->turnsOnce, $seconds, $this->restsLong);
    }
}
