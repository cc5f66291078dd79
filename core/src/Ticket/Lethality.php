<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** How far an organism is brought down at the coldest depth, with the set it was reckoned by. */
final readonly class Lethality
{
    public function __construct(
        public string $organism,
        public float $core,
        public float $dRefS,
        public float $tRefC,
        public float $zK,
    ) {}
}
