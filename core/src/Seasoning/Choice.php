<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** A seasoning that can be had on a piece, with all that was found of it. */
final readonly class Choice
{
    /**
     * @param  list<Reason>  $reasons  the weightiest first
     * @param  list<Scorch>  $scorches
     */
    public function __construct(
        public Seasoning $seasoning,
        public float $score,
        public array $reasons,
        public array $scorches,
        public ?Soak $soak,
        public bool $isInTime,
    ) {}

    /** @return list<Reason> what speaks for it, the weightiest first */
    public function for(): array
    {
        return array_values(array_filter($this->reasons, static fn (Reason $reason): bool => $reason->value > 0.0));
    }

    /** @return list<Reason> what speaks against it, the weightiest first */
    public function against(): array
    {
        return array_values(array_filter($this->reasons, static fn (Reason $reason): bool => $reason->value < 0.0));
    }
}
