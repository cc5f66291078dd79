<?php

declare(strict_types=1);

namespace Nessmark\Advice;

/** A time as it can honestly be given. */
final readonly class TimeRange
{
    public function __construct(public float $lowS, public float $likelyS, public float $highS) {}

    public function plus(float $seconds): self
    {
        return new self($this->lowS + $seconds, $this->likelyS + $seconds, $this->highS + $seconds);
    }

    /** @return array{low_s: float, likely_s: float, high_s: float} */
    public function toArray(): array
    {
        return ['low_s' => round($this->lowS), 'likely_s' => round($this->likelyS), 'high_s' => round($this->highS)];
    }
}
