<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** Something that would burn in a stage of the computed cook, and what is done so that it does not. */
final readonly class DressingScorch
{
    /**
     * @param  float  $atC  it turns bitter above this
     * @param  float  $filmC  what lies on the meat gets this hot in that stage
     */
    public function __construct(
        public string $ingredient,
        public float $atC,
        public string $stage,
        public float $filmC,
        public string $mend,
        public Phrase $says,
    ) {}
}
