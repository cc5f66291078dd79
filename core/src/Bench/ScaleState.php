<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** What may be said of a weight just now; only a steady one may be kept. */
enum ScaleState: string
{
    case Steady = 'steady';
    case Settling = 'settling';
    case Empty = 'empty';
    case Drifting = 'drifting';
    case NotFromZero = 'not_from_zero';
    case Over = 'over';
    case Under = 'under';
    case Unreadable = 'unreadable';
    case Lost = 'lost';
}
