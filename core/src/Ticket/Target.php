<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Doneness\Scale;

/** How done it is to be. */
final readonly class Target
{
    public function __construct(
        public Scale $scale,
        public string $word,
        public float $coreC,
        public float $fromC,
        public float $toC,
    ) {}
}
