<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Watches the water of a run besides its temperatures: told after each accepted step of a body that dries. */
interface MoistureObserver extends StepObserver
{
    public function dried(float $timeS, Moisture $moisture): void;
}
