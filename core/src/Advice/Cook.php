<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\Simulator;
use Nessmark\Heat\StageEnd;
use Nessmark\Heat\StepObserver;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\Pull;
use Nessmark\Safety\CookEvidence;
use Nessmark\Safety\Verdict;

/** One computed cook from end to end, with what watched it. */
final readonly class Cook
{
    /** @param  list<StageEnd>  $ends */
    public function __construct(
        public Simulator $simulator,
        public MethodPlan $plan,
        public float $heatC,
        public Pull $pull,
        public bool $countsCarryOver,
        public array $ends,
        private Watch $watch,
        public CookEvidence $evidence,
        public Verdict $verdict,
    ) {}

    /**
     * @template T of StepObserver
     *
     * @param  class-string<T>  $kind
     * @return T
     */
    public function saw(string $kind): StepObserver
    {
        return $this->watch->saw($kind);
    }

    public function judged(Verdict $verdict): self
    {
        return new self(
            $this->simulator,
            $this->plan,
            $this->heatC,
            $this->pull,
            $this->countsCarryOver,
            $this->ends,
            $this->watch,
            $this->evidence,
            $verdict,
        );
    }

    /** Time on the heat apart from the open stage, s: a sear before or after it, a hold. */
    public function fixedHeatS(): float
    {
        return $this->totalS() - $this->plan->restS() - $this->pull->openS;
    }

    public function totalS(): float
    {
        return $this->ends[count($this->ends) - 1]->end->timeS;
    }
}
