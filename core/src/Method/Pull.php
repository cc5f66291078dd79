<?php

declare(strict_types=1);

namespace Nessmark\Method;

/** When the piece leaves the heat: seconds into the open stage, and what the core shows then. */
final readonly class Pull
{
    public function __construct(public float $openS, public float $coreC) {}
}
