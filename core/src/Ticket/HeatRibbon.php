<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** The curves of the drawing: the same moments in each list. */
final readonly class HeatRibbon
{
    /**
     * @param  list<float>  $timeS
     * @param  list<float>  $coreC
     * @param  list<float>  $surfaceAC
     * @param  list<float>  $surfaceBC
     */
    public function __construct(
        public array $timeS,
        public array $coreC,
        public array $surfaceAC,
        public array $surfaceBC,
    ) {}
}
