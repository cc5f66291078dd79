<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** The nearest plan that may be handed over. */
final readonly class Offer
{
    public function __construct(
        public string $doneness,
        public float $coreC,
        public float $restS,
    ) {}
}
