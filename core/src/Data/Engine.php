<?php

declare(strict_types=1);

namespace Nessmark\Data;

/** Stored with every ticket, so that an old one can be told from what would be computed today. */
final class Engine
{
    public const VERSION = '0.12.0';

    private function __construct() {}
}
