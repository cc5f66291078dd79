<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Heat\Face;
use Nessmark\Heat\Stage;

/** The stages a method makes for one piece. One of them is open: its end is found so that the core comes out right. */
final readonly class MethodPlan
{
    /**
     * @param  list<Stage>  $before
     * @param  list<Stage>  $after  resting last, where there is any
     * @param  array<string, float>  $surfaceC  setting of the fire for each stage by name, °C
     * @param  float  $endShare  how much of what the faces of a piece meet in the open stage its rim and ends do
     * @param  float  $leastS  the open stage lasts no less: batter has to colour
     */
    public function __construct(
        public array $before,
        public Stage $open,
        public array $after,
        public float $preheatS,
        public array $surfaceC,
        public float $endShare = 1.0,
        public float $leastS = 0.0,
    ) {}

    /** Off the heat at the end, resting or on its plate, s. */
    public function restS(): float
    {
        $last = $this->after === [] ? null : $this->after[count($this->after) - 1];

        return $last !== null && in_array($last->name, Planner::RESTS, true) ? $last->durationS ?? 0.0 : 0.0;
    }

    /** The stages with the open one ended at a time of its own. */
    public function endingAfter(float $openS): self
    {
        return $this->opening($this->open->endingAfter($openS));
    }

    public function endingAtCore(float $coreC): self
    {
        return $this->opening($this->open->endingAtCore($coreC));
    }

    /** The same plan turned half as often: half the work for the march, a few per cent longer on the fire. For rough work. */
    public function turnedHalfAsOften(): self
    {
        $open = $this->open;
        $everyS = $open->flipEveryS === null ? null : 2.0 * $open->flipEveryS;

        return $this->opening(new Stage($open->name, $open->a, $open->b, $open->durationS, $open->untilCoreC, $open->flipAtS, $everyS));
    }

    private function opening(Stage $open): self
    {
        return new self($this->before, $open, $this->after, $this->preheatS, $this->surfaceC, $this->endShare, $this->leastS);
    }

    /** What is left of it once the stages before the open one are over. */
    public function withoutBefore(): self
    {
        return new self([], $this->open, $this->after, $this->preheatS, $this->surfaceC, $this->endShare, $this->leastS);
    }

    /** @return list<Stage> */
    public function stages(): array
    {
        return [...$this->before, $this->open, ...$this->after];
    }

    /** The hottest core this fire could ever hold, once the piece were dry, °C. A target at or above it is never reached. */
    public function holdsCoreAtC(): float
    {
        return Face::balanceC($this->open->a, $this->open->b);
    }
}
