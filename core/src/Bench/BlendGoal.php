<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** What a blend is to be as far as its fat leaves room. */
enum BlendGoal: string
{
    case Price = 'price';
    case Flavour = 'flavour';
}
