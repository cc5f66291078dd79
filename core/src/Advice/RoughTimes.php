<?php

declare(strict_types=1);

namespace Nessmark\Advice;

/** What a coarse cook takes, s: to heat the fire, on the heat, and to rest. Good to some ten per cent. */
final readonly class RoughTimes
{
    public function __construct(public float $heatS, public float $restS, public float $preheatS) {}

    /**
     * From now to the plate.
     *
     * @param  float  $prepareS  to trim, dry and salt, while the fire heats up
     */
    public function wholeS(float $prepareS): float
    {
        return max($this->preheatS, $prepareS) + $this->heatS + $this->restS;
    }
}
