<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What is on the block. */
final readonly class TicketCut
{
    /**
     * @param  list<string>  $muscles
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $group,
        public array $muscles,
    ) {}
}
