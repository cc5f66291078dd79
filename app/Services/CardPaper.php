<?php

declare(strict_types=1);

namespace App\Services;

/** What a card is printed on. */
enum CardPaper: string
{
    case A5 = 'a5';
    case Roll = 'roll';

    /** A4 in large type, for those who read badly. */
    case Large = 'large';
}
