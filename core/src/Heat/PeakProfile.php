<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** The highest temperature each depth reaches: what the cut face of the cooked piece shows. */
final class PeakProfile implements StepObserver
{
    /** @param  array<int, float>  $celsius °C at each node when the run begins, then the highest so far */
    public function __construct(public array $celsius) {}

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        foreach ($toC as $i => $value) {
            if ($value > $this->celsius[$i]) {
                $this->celsius[$i] = $value;
            }
        }
    }

    /**
     * Volume fractions of the body by peak temperature.
     *
     * @param  list<float>  $boundsC  rising bounds
     * @return list<float> one more than bounds: below the first, between each pair, at or above the last; adds up to 1
     */
    public function fractions(Grid $grid, Body $body, array $boundsC): array
    {
        $slices = 8; // straight lines between nodes, cut finely enough that a band moves smoothly
        $power = $body->exponent + 1.0;
        $fractions = array_fill(0, count($boundsC) + 1, 0.0);
        $whole = $grid->depthM[$grid->cells - 1] ** $power;
        for ($i = 0; $i < $grid->cells - 1; $i++) {
            $gapM = $grid->depthM[$i + 1] - $grid->depthM[$i];
            for ($j = 0; $j < $slices; $j++) {
                $share = ($j + 0.5) / $slices;
                $celsius = $this->celsius[$i] * (1.0 - $share) + $this->celsius[$i + 1] * $share;
                $innerM = $grid->depthM[$i] + $gapM * $j / $slices;
                $outerM = $innerM + $gapM / $slices;
                $band = 0;
                foreach ($boundsC as $bound) {
                    $band += $celsius >= $bound ? 1 : 0;
                }
                $fractions[$band] += ($outerM ** $power - $innerM ** $power) / $whole;
            }
        }

        return array_values($fractions);
    }
}
