<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** One stretch of the cook. */
final readonly class Stage
{
    /**
     * @param  float|null  $metalFallsToC  the coldest the pan gets under the meat
     * @param  list<float>  $turnsAtS
     */
    public function __construct(
        public string $name,
        public float $startsS,
        public float $endsS,
        #[Flat] public TimeRange $takes,
        public ?float $surfaceC,
        public ?float $metalFallsToC,
        public ?float $turnEveryS,
        public array $turnsAtS,
        public float $coreC,
    ) {}
}
