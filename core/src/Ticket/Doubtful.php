<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What is not known exactly, and moves the time. */
enum Doubtful: string
{
    case Thickness = 'thickness';
    case Fire = 'fire';
    case Surface = 'surface';
    case Start = 'start';
    case Collagen = 'collagen';
}
