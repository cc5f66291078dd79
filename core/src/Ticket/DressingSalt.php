<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** The account of salt over everything that brings some. */
final readonly class DressingSalt
{
    /**
     * @param  list<DressingSaltLine>  $lines
     * @param  float  $addedPct  of the meat, without what grew in it
     * @param  Phrase|null  $tooMuch  what to cut
     */
    public function __construct(
        public array $lines,
        public float $addedPct,
        public float $wantedPct,
        public float $saltPerHeadG,
        public float $sodiumPerHeadMg,
        public ?Phrase $tooMuch,
    ) {}
}
