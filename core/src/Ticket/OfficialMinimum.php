<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What the rules ask of this food. */
final readonly class OfficialMinimum
{
    public function __construct(
        public float $coreC,
        public float $restS,
    ) {}
}
