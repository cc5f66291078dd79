<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** One printed line of a safe-cooking table: this temperature, held this long. */
final readonly class HoldPoint
{
    /**
     * @param  float  $holdS  seconds in a row at or above the temperature; 0 when reaching it is enough
     * @param  bool  $isRest  the seconds count from reaching the temperature until the meat is eaten, resting included
     */
    public function __construct(public float $coreC, public float $holdS, public bool $isRest, public string $source) {}
}
