<?php

declare(strict_types=1);

namespace Nessmark\Stock;

/** Sealed in its own juice, or hung and open to the air. */
enum Packed: string
{
    case Wet = 'wet';
    case Dry = 'dry';
}
