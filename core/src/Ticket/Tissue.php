<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What the cut face is drawn as. */
enum Tissue: string
{
    case Red = 'red';
    case Pale = 'pale';
    case Fish = 'fish';
}
