<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

/** What lies on the metal: the face of one piece, and how many of them. */
final readonly class Load
{
    public function __construct(public float $faceM2, public int $pieces) {}
}
