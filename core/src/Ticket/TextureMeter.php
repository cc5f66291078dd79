<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What the bite will be. */
final readonly class TextureMeter
{
    /**
     * @param  float  $collagenTurnedShare  at the core
     * @param  float|null  $fatRenderedShare  of a cap of fat; null where none lies on the flat of the piece
     */
    public function __construct(
        public float $collagenTurnedShare,
        public ?float $fatRenderedShare,
    ) {}
}
