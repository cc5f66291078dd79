<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** How much of it, raw and cooked. */
final readonly class Amounts
{
    public function __construct(
        public int $diners,
        public float $rawG,
        public float $rawPerHeadG,
        public float $pieceG,
        public ?float $pieces,
        public ?float $lengthMm,
        public float $cookedLowG,
        public float $cookedHighG,
    ) {}
}
