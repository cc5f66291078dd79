<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** What the cutter does before the piece is handed over, in order. */
final readonly class BenchOrder
{
    /**
     * @param  list<BenchStep>  $steps
     * @param  list<string>  $tools
     * @param  list<Phrase>  $hazards  one for each tool that can hurt
     * @param  list<Phrase>  $offcuts  what comes off, and what it is good for
     * @param  float  $workS  of a practised hand; what stands in a freezer is not counted
     * @param  float  $comesOffLowG  of the weight as it lies there
     * @param  BenchSketch|null  $sketch  null on what was kept before there was one
     */
    public function __construct(
        public array $steps,
        public array $tools,
        public array $hazards,
        public array $offcuts,
        public float $workS,
        public float $comesOffLowG,
        public float $comesOffHighG,
        public ?BenchSketch $sketch,
    ) {}
}
