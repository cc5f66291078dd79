<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** How thick and how heavy a portion may be. */
final readonly class PortionLimits
{
    private const SMALL = 1e-6;

    public function __construct(
        public float $thinnestMm,
        public float $thickestMm,
        public float $lightestG = 0.0,
        public float $heaviestG = INF,
    ) {}

    public function allows(Portion $portion): bool
    {
        return $portion->mm() >= $this->thinnestMm - self::SMALL &&
            $portion->mm() <= $this->thickestMm + self::SMALL &&
            $portion->grams >= $this->lightestG - self::SMALL &&
            $portion->grams <= $this->heaviestG + self::SMALL;
    }
}
