<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Safety\Level;

/** A piece that is cooked or seasoned apart, with its mark. */
final readonly class TicketPiece
{
    /**
     * @param  list<string>  $avoid
     */
    public function __construct(
        public string $mark,
        public int $diners,
        public bool $atRisk,
        public string $word,
        public array $avoid,
        public float $rawG,
        public ?int $pieces,
        public float $pullCoreC,
        public bool $canProbe,
        public TimeRange $time,
        public float $goesOnAfterS,
        public ?string $onHeatAt,
        public Level $verdict,
    ) {}
}
