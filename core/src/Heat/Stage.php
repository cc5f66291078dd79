<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * One stretch of cooking under unchanging faces, apart from turning. Ends after its duration or when the core reaches a
 * temperature, whichever comes first.
 */
final readonly class Stage
{
    /** Without a duration of its own a stage is given up after a day. */
    public const LIMIT_S = 86_400.0;

    /**
     * @param  float|null  $durationS  null: until the core is reached, at most a day
     * @param  float|null  $untilCoreC  null: for the duration
     * @param  bool  $beginsVented  the pressure was let off: what is above boiling has boiled down to it
     * @param  list<float>  $flipAtS  rising times from the stage's start at which the faces change places
     */
    public function __construct(
        public string $name,
        public Face $a,
        public Face $b,
        public ?float $durationS,
        public ?float $untilCoreC = null,
        public array $flipAtS = [],
        public ?float $flipEveryS = null,
        public bool $beginsVented = false,
    ) {}

    public function named(string $name): self
    {
        return new self(
            $name, $this->a, $this->b, $this->durationS, $this->untilCoreC, $this->flipAtS, $this->flipEveryS, $this->beginsVented,
        );
    }

    public function endingAfter(float $durationS): self
    {
        return new self($this->name, $this->a, $this->b, $durationS, null, $this->flipAtS, $this->flipEveryS);
    }

    public function endingAtCore(float $coreC): self
    {
        return new self($this->name, $this->a, $this->b, null, $coreC, $this->flipAtS, $this->flipEveryS);
    }

    /** The next turn after a time from the stage's start; null when there is none. */
    public function nextFlipAfter(float $stageS): ?float
    {
        if ($this->flipEveryS !== null) {
            return (floor($stageS / $this->flipEveryS + 1e-9) + 1.0) * $this->flipEveryS;
        }
        foreach ($this->flipAtS as $atS) {
            if ($atS > $stageS + 1e-9) {
                return $atS;
            }
        }

        return null;
    }

    /** @return list<float> the turns that fall inside a stretch of this length, s from the stage's start */
    public function flipsWithin(float $lengthS): array
    {
        $flips = [];
        $at = 0.0;
        while (($at = $this->nextFlipAfter($at)) !== null && $at < $lengthS - 1e-6) {
            $flips[] = $at;
        }

        return $flips;
    }
}
