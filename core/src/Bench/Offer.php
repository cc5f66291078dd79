<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Brick\Math\BigDecimal;

/** Meat as it is offered, and what is left of it at each step on the way to the plate. */
final readonly class Offer
{
    /**
     * @param  string  $name  by which it is told apart
     * @param  BigDecimal  $perKg  as bought
     * @param  BigDecimal  $trimmed  kg left of a kilo when trim and bone are off
     * @param  BigDecimal  $cooked  kg left of a trimmed kilo when it is cooked
     * @param  BigDecimal  $workS  at the bench, for a kilo as bought
     */
    public function __construct(
        public string $name,
        public BigDecimal $perKg,
        public BigDecimal $trimmed,
        public BigDecimal $cooked,
        public BigDecimal $workS,
    ) {}

    public function trimmedLike(self $other): self
    {
        return new self($this->name, $this->perKg, $other->trimmed, $this->cooked, $this->workS);
    }

    public function cookedLike(self $other): self
    {
        return new self($this->name, $this->perKg, $this->trimmed, $other->cooked, $this->workS);
    }

    public function workedLike(self $other): self
    {
        return new self($this->name, $this->perKg, $this->trimmed, $this->cooked, $other->workS);
    }
}
