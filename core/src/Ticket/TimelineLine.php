<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** One thing the cook does. */
final readonly class TimelineLine
{
    public function __construct(
        public int $atS,
        public ?string $clock,
        public Phrase $do,
        public ?TimeRange $takes,
        public ?TimeRange $between,
    ) {}

    /** The same at its hour in other words. */
    public function saying(Phrase $do): self
    {
        return new self($this->atS, $this->clock, $do, $this->takes, $this->between);
    }
}
