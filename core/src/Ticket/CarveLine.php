<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** A line of a drawing, drawn by what it is of. */
final readonly class CarveLine
{
    /**
     * @param  list<array{float, float}>  $points
     * @param  bool  $isClosed  an area, not a stroke
     */
    public function __construct(public CarveMark $of, public array $points, public bool $isClosed) {}
}
