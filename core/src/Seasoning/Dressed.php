<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Ticket\Dressing;
use Nessmark\Ticket\Eaten;

/** A piece dressed: what the ticket says of it, and what is done when. */
final readonly class Dressed
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Eaten>  $eaten  what of it gets to the plate
     */
    public function __construct(public Dressing $dressing, public array $steps, public array $eaten) {}
}
