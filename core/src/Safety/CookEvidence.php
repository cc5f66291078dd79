<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** What one computed cook shows that safety needs to know. */
final readonly class CookEvidence
{
    /**
     * @param  float|null  $outOfGrowthAtS  when the core left the range in which organisms grow, s; null when it never did
     * @param  float  $heatedS  time on the heat, s
     * @param  float  $pulledAtS  when the core was last at hand to be probed, s
     * @param  bool  $canProbe  whether the core can be measured, or the piece goes by time alone
     */
    public function __construct(
        public HeldLongEnough $held,
        public float $peakCoreC,
        public ?float $outOfGrowthAtS,
        public float $heatedS,
        public float $pulledAtS,
        public bool $canProbe,
    ) {}
}
