<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What a probe reads on the way, and how long it is then until the piece comes off. */
final readonly class Reading
{
    public function __construct(public float $coreC, public float $leftS) {}
}
