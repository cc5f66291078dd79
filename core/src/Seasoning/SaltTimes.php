<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** How long ahead of the fire salt goes on, s. */
final readonly class SaltTimes
{
    public function __construct(public float $leastS, public float $bestS, public float $mostS) {}
}
