<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** Salt and sodium over everything that brings some, for so much meat and so many people. */
final readonly class SaltAccount
{
    /** @param  list<SaltLine>  $lines */
    public function __construct(
        public array $lines,
        public float $meatG,
        public int $heads,
        public float $wantedPct,
        public float $highPct,
    ) {}

    public function saltG(): float
    {
        return array_sum(array_map(static fn (SaltLine $line): float => $line->saltG, $this->lines));
    }

    /** What was put on it, without what grew in it, % of the meat. */
    public function addedPct(): float
    {
        $added = array_filter($this->lines, static fn (SaltLine $line): bool => $line->from !== 'own');

        return (100.0 * array_sum(array_map(static fn (SaltLine $line): float => $line->saltG, $added))) / $this->meatG;
    }

    public function sodiumMg(): float
    {
        return 1000.0 * $this->saltG() * Seasoning::SODIUM_OF_SALT;
    }

    public function saltPerHeadG(): float
    {
        return $this->saltG() / $this->heads;
    }

    public function sodiumPerHeadMg(): float
    {
        return $this->sodiumMg() / $this->heads;
    }

    public function isTooMuch(): bool
    {
        return $this->addedPct() > $this->highPct + 0.005;
    }

    /** What to leave out first: the last that is put on, or the most. */
    public function cut(): ?SaltLine
    {
        $lines = array_values(
            array_filter($this->lines, static fn (SaltLine $line): bool => ! in_array($line->from, ['own', 'treated'], true)),
        );
        usort($lines, static fn (SaltLine $a, SaltLine $b): int => $b->saltG <=> $a->saltG);

        return $lines[0] ?? null;
    }
}
