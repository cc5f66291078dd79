<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** Where what is eaten beside the meat comes from. */
enum EatenFrom: string
{
    case Seasoning = 'seasoning';
    case Beside = 'beside';
    case Cupboard = 'cupboard';
    /** What is left of the meal is good with it. */
    case Leftovers = 'leftovers';
}
