<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** Another seasoning that would do. */
final readonly class OtherDressing
{
    public function __construct(public string $seasoning, public string $name, public string $kind, public Phrase $because) {}
}
