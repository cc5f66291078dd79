<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

/** What heats a pan: the most it puts into a square metre of the pan's base, and what that metal loses to the kitchen. */
final readonly class Burner
{
    public function __construct(public float $mostWM2, public float $lossWM2K, public float $roomC) {}
}
