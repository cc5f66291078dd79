<?php

declare(strict_types=1);

namespace App\Models;

/** How far an order of the bench is. */
enum BenchState: string
{
    case Waiting = 'waiting';
    case Taken = 'taken';
    case Done = 'done';
    case CalledOff = 'called_off';
}
