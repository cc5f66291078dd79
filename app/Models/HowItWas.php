<?php

declare(strict_types=1);

namespace App\Models;

/** What a customer may say of a dish, and nothing else. */
enum HowItWas: string
{
    case Good = 'good';
    case Under = 'under';
    case Over = 'over';
    case Tough = 'tough';
    case Dry = 'dry';
    case Salty = 'salty';
    case Bland = 'bland';
    case Late = 'late';
    case Early = 'early';
}
