<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** A seasoning that can be had on a piece, with all that was found of it. */
final readonly class Choice
{
    /**
     * @param  list<Reason>  $reasons
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

    /** @return list<Reason> what speaks for it, the strongest first */
    public function for(): array
    {
        $for = array_values(array_filter($this->reasons, static fn (Reason $reason): bool => $reason->value > 0.0));
        usort($for, static fn (Reason $a, Reason $b): int => $b->value <=> $a->value);

        return $for;
    }

    /** @return list<Reason> what speaks against it, the strongest first */
    public function against(): array
    {
        $against = array_values(array_filter($this->reasons, static fn (Reason $reason): bool => $reason->value < 0.0));
        usort($against, static fn (Reason $a, Reason $b): int => $a->value <=> $b->value);

        return $against;
    }
}
