<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What a line of a carving drawing is of. */
enum CarveMark: string
{
    case Meat = 'meat';
    case Bone = 'bone';
    case Grain = 'grain';
    case Cut = 'cut';
}
