<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** How much of it, raw and cooked. */
final readonly class Amounts
{
    /**
     * @param  int|null  $pieces  whole ones; null for one joint or one weight
     * @param  float|null  $lengthMm  of a joint, a loin or a rack
     * @param  Phrase|null  $why  where it is not just the weight of the portions
     */
    public function __construct(
        public int $diners,
        public float $rawG,
        public float $rawPerHeadG,
        public float $pieceG,
        public ?int $pieces,
        public ?float $lengthMm,
        public float $cookedG,
        public ?Phrase $why,
    ) {}
}
