<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** How the piece comes to the table: each step with its drawing, then what it is served on and the sauce that is left. */
final readonly class Carving
{
    /**
     * @param  list<CarveStep>  $steps  none for what is served as it is
     * @param  list<Phrase>  $table  board or plate, how much for each, the sauce
     */
    public function __construct(public array $steps, public array $table) {}
}
