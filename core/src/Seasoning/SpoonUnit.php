<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

enum SpoonUnit: string
{
    case Pinch = 'pinch';
    case Teaspoon = 'teaspoon';
    case Tablespoon = 'tablespoon';
    case Millilitre = 'millilitre';
}
