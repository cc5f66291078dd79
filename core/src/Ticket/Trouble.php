<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** What may go wrong in the kitchen, and what is done then. */
final readonly class Trouble
{
    /** @param  string  $sign  what one sees, a key of the wording's section "trouble" */
    public function __construct(public string $sign, public Phrase $do) {}
}
