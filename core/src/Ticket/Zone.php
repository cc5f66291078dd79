<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What share of the cut face shows a word. */
final readonly class Zone
{
    public function __construct(
        public string $word,
        public ?float $fromC,
        public float $fraction,
    ) {}
}
