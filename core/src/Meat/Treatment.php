<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** What was done to a piece that brings its outside inside, the mildest first. */
enum Treatment: string
{
    case Pierced = 'pierced'; // needled, bladed or injected
    case Rolled = 'rolled';
    case Minced = 'minced';
    case Stuffed = 'stuffed';

    public function hazard(): Hazard
    {
        return Hazard::from($this->value);
    }
}
