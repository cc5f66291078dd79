<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What one doubtful input does to the time. */
final readonly class Effect
{
    public function __construct(
        public Doubtful $input,
        public float $step,
        public string $unit,
        public float $changeS,
    ) {}
}
