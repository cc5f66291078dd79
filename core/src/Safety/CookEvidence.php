<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** What one computed cook shows that safety needs to know. */
final readonly class CookEvidence
{
    /**
     * @param  float  $startC  at the core when it goes on the heat
     * @param  array<string, float|null>  $reachedS  when the core passed each temperature a rule asks about, by key(), s; null when it
     *     never did
     * @param  float  $heatedS  time on the heat, s
     * @param  float  $pulledAtS  when the core was last at hand to be probed, s
     * @param  bool  $canProbe  whether the core can be measured, or the piece goes by time alone
     * @param  float|null  $ovenC  what the oven was set to; null where there is none
     * @param  float  $longerByS  by how much the long end of the printed range is longer than this cook, s
     * @param  float  $stoodS  time in the room before it, s
     * @param  bool  $isHeldInstead  done below the official minimum and kept on for a printed hold instead
     */
    public function __construct(
        public HeldLongEnough $held,
        public float $startC,
        public float $peakCoreC,
        public array $reachedS,
        public float $heatedS,
        public float $pulledAtS,
        public bool $canProbe,
        public ?float $ovenC,
        public float $longerByS = 0.0,
        public float $stoodS = 0.0,
        public bool $isHeldInstead = false,
    ) {}

    public static function key(float $celsius): string
    {
        return sprintf('%.1f', $celsius);
    }

    /** The same cook, gone the long way. */
    public function longerBy(float $seconds): self
    {
        return new self(
            $this->held,
            $this->startC,
            $this->peakCoreC,
            $this->reachedS,
            $this->heatedS,
            $this->pulledAtS,
            $this->canProbe,
            $this->ovenC,
            $seconds,
            $this->stoodS,
            $this->isHeldInstead,
        );
    }

    /** Time until the core was this warm at the slow end, where all goes slower alike; null when it never was. */
    public function slowestToS(float $celsius): ?float
    {
        $reachedS = $this->reachedS[self::key($celsius)] ?? null;

        return $reachedS === null ? null : $this->stoodS + $reachedS * (1.0 + $this->longerByS / max(1.0, $this->heatedS));
    }
}
