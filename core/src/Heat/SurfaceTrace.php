<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Temperatures for drawing: both faces and the core, at every accepted step. */
final class SurfaceTrace implements StepObserver
{
    /** @var list<array{float, float, float, float}> time in s, face a (or the centre), core, face b, in °C */
    public array $points = [];

    /** @param  array<int, float>  $startC °C at each node when the run begins */
    public function __construct(private readonly Grid $grid, private readonly float $coreAtM, array $startC)
    {
        $this->note(0.0, $startC);
    }

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $this->note($toS, $toC);
    }

    /** @param  array<int, float>  $celsius */
    private function note(float $timeS, array $celsius): void
    {
        $this->points[] = [$timeS, $celsius[0], $this->grid->at($celsius, $this->coreAtM), $celsius[$this->grid->cells - 1]];
    }
}
