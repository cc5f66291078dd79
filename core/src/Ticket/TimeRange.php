<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** A time as it can honestly be given. */
final readonly class TimeRange
{
    public function __construct(public float $lowS, public float $likelyS, public float $highS) {}

    public function plus(float $seconds): self
    {
        return new self($this->lowS + $seconds, $this->likelyS + $seconds, $this->highS + $seconds);
    }

    /** As it is shown: to the second. */
    public function shown(): self
    {
        return new self(round($this->lowS), round($this->likelyS), round($this->highS));
    }
}
