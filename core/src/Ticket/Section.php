<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** A part of a piece of uneven thickness, cut off to be taken from the heat by itself. */
final readonly class Section
{
    /**
     * @param  float  $fromShare  along the piece, of its length
     * @param  TimeRange|null  $time  on the heat that the plan leaves open; null where it is never as done as the rest
     */
    public function __construct(
        public float $fromShare,
        public float $toShare,
        public float $thicknessMm,
        public float $rawG,
        public ?TimeRange $time,
    ) {}
}
