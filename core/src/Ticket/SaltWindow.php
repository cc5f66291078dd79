<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** From so long to so long before the heat the salt has drawn water out: the surface is wet and will not brown, s. */
final readonly class SaltWindow
{
    public function __construct(public float $fromS, public float $toS) {}
}
