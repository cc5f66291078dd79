<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** How the bundles of fibres look and hold together. */
enum Grain: string
{
    case Fine = 'fine';
    case Medium = 'medium';
    case Coarse = 'coarse';
    case Flaky = 'flaky';
    case Firm = 'firm';
}
