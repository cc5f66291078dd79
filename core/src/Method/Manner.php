<?php

declare(strict_types=1);

namespace Nessmark\Method;

/** How a plan is carried out where the trade does it both ways. */
final readonly class Manner
{
    /** As they are asked for; the first is as the trade does it. */
    public const WRAPS = ['at_the_stall', 'bare'];

    public const STARTS = ['steady', 'hot_first'];

    /**
     * @param  bool  $turnsOnce  turned once, half-way, and not again and again
     * @param  float|null  $turnEveryS  when that is; null until it was found
     * @param  bool  $isWrapped  wrapped when what is smoked stops warming, or left bare to the end
     * @param  bool|null  $isCovered  under a lid or hood, or not; null: as is usual for it
     * @param  bool  $startsHot  browned in a fierce oven first, and then as gently as is usual
     * @param  bool  $restsLong  twice as long and covered, not short and open
     */
    public function __construct(
        public bool $turnsOnce = false,
        public ?float $turnEveryS = null,
        public bool $restsLong = false,
        public ?bool $isCovered = null,
        public bool $isWrapped = true,
        public bool $startsHot = false,
    ) {}

    public function turningEvery(float $seconds): self
    {
        return new self($this->turnsOnce, $seconds, $this->restsLong, $this->isCovered, $this->isWrapped, $this->startsHot);
    }
}
