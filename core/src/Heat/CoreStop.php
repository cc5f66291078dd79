<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Ends a march when the core reaches a temperature, on the way up or on the way down. */
final readonly class CoreStop
{
    private function __construct(public float $celsius, public bool $falling) {}

    public static function onTheWayUp(float $celsius): self
    {
        return new self($celsius, false);
    }

    public static function onTheWayDown(float $celsius): self
    {
        return new self($celsius, true);
    }

    public function isReached(float $coreC): bool
    {
        return $this->falling ? $coreC <= $this->celsius : $coreC >= $this->celsius;
    }
}
