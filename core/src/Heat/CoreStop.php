<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Ends a march when the core reaches a temperature, on the way up or on the way down. */
final readonly class CoreStop
{
    private const WITHIN_K = 0.002;

    private function __construct(public float $celsius, public bool $falling) {}

    public static function onTheWayUp(float $celsius): self
    {
        return new self($celsius, false);
    }

    public static function onTheWayDown(float $celsius): self
    {
        return new self($celsius, true);
    }

    /** Whether a step cut to end there does: in the long steps of a wet body the curve between its ends is not quite the body's. */
    public function isMissed(float $coreC): bool
    {
        return $this->falling ? $coreC > $this->celsius + self::WITHIN_K : $coreC < $this->celsius - self::WITHIN_K;
    }

    public function isReached(float $coreC): bool
    {
        return $this->falling ? $coreC <= $this->celsius : $coreC >= $this->celsius;
    }
}
