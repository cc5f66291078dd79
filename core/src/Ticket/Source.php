<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** Where a figure is from. */
final readonly class Source
{
    public function __construct(public string $id, public string $kind, public string $text) {}
}
