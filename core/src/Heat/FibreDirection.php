<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** How the muscle fibres lie to the flow of heat. */
enum FibreDirection: string
{
    case Across = 'across';
    case Along = 'along';
}
