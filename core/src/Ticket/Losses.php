<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What the piece loses on the way to the plate, as shares of the raw weight. */
final readonly class Losses
{
    /**
     * @param  float  $evaporatedShare  of the raw weight, as steam
     * @param  float  $cookingLossShare  of the raw weight, steam and juice
     * @param  float  $crustMm  dried through, under each face
     */
    public function __construct(
        public float $evaporatedShare,
        public float $cookingLossShare,
        public float $crustMm,
    ) {}
}
