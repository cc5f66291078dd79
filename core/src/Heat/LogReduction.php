<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * How far an organism is reduced at every depth: ∫ 10^((T − Tref)/z) dt / Dref, in powers of ten. The rate is integrated,
 * never the temperature averaged: Simpson's rule over each step, with the temperature at mid-step from both ends' rates.
 */
final class LogReduction implements StepObserver
{
    /** @var array<int, float> seconds at the reference temperature, per node */
    private array $equivalentS;

    private float $perKelvin;

    /** @var array<int, float> rate at the end of the last step, per node, which is that at the start of the next */
    private array $rate = [];

    private float $rateAtS = -1.0;

    public function __construct(
        private readonly Grid $grid,
        public readonly float $dRefS,
        public readonly float $tRefC,
        public readonly float $zK,
    ) {
        $this->equivalentS = array_fill(0, $grid->cells, 0.0);
        $this->perKelvin = M_LN10 / $zK;
    }

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $stepS = $toS - $fromS;
        $perKelvin = $this->perKelvin;
        $reference = $this->tRefC;
        $equivalent = $this->equivalentS;
        $rate = $this->rate;
        if ($this->rateAtS !== $fromS) {
            $rate = array_map(static fn (float $from): float => exp($perKelvin * ($from - $reference)), $fromC);
        }
        foreach ($toC as $i => $to) {
            $middle = 0.5 * ($fromC[$i] + $to) + 0.125 * $stepS * ($fromRate[$i] - $toRate[$i]);
            $atEnd = exp($perKelvin * ($to - $reference));
            $equivalent[$i] += $stepS / 6.0 * ($rate[$i] + 4.0 * exp($perKelvin * ($middle - $reference)) + $atEnd);
            $rate[$i] = $atEnd;
        }
        $this->rate = $rate;
        $this->rateAtS = $toS;
        $this->equivalentS = $equivalent;
    }

    public function atDepth(float $depthM): float
    {
        return $this->grid->at($this->equivalentS, $depthM) / $this->dRefS;
    }

    public function smallest(): float
    {
        return min($this->equivalentS === [] ? [0.0] : $this->equivalentS) / $this->dRefS;
    }
}
