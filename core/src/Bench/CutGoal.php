<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** What a whole piece is cut for. */
enum CutGoal: string
{
    case MostPieces = 'most_pieces';
    case EvenWeight = 'even_weight';
    case LeastOffcut = 'least_offcut';
    case Orders = 'orders';
}
