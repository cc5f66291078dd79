<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** What can be busy while a meal is made. */
enum Station: string
{
    case Hands = 'hands';
    case Burner = 'burner';
    case Oven = 'oven';
    case Grill = 'grill';
    case Bath = 'bath';
}
