<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** One of the pieces a whole one is cut into. */
final readonly class Portion
{
    /**
     * @param  int|null  $ribs  it has; null of what has no bone
     * @param  int|null  $order  it is for, its place in the list; null for the case
     */
    public function __construct(
        public float $fromMm,
        public float $toMm,
        public float $grams,
        public ?int $ribs = null,
        public ?int $order = null,
    ) {}

    public function mm(): float
    {
        return $this->toMm - $this->fromMm;
    }
}
