<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** Salt from one source, over all the meat. */
final readonly class DressingSaltLine
{
    /** @param  string  $from  own, treated, beside, seasoning */
    public function __construct(public string $from, public float $saltG, public float $sodiumMg) {}
}
