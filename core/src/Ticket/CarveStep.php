<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** One step of carving; a step that needs no picture has none. */
final readonly class CarveStep
{
    public function __construct(public Phrase $do, public ?CarveDrawing $drawing) {}
}
