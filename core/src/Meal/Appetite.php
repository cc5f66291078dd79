<?php

declare(strict_types=1);

namespace Nessmark\Meal;

enum Appetite: string
{
    case Small = 'small';
    case Usual = 'usual';
    case Hearty = 'hearty';
}
