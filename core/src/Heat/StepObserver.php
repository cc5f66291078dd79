<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Watches a run step by step: each accepted step is shown once, in order of time. */
interface StepObserver
{
    /**
     * @param  array<int, float>  $fromC  °C at each node at the start of the step
     * @param  array<int, float>  $fromRate  K/s at each node at the start of the step
     * @param  array<int, float>  $toC  °C at the end of the step
     * @param  array<int, float>  $toRate  K/s at the end of the step
     */
    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void;
}
