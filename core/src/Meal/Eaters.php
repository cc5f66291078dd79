<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** Who eats: from the line that is typed to the card that is handed over. */
final readonly class Eaters
{
    /** @var non-empty-list<Eater> */
    public array $groups;

    public function __construct(Eater $first, Eater ...$others)
    {
        $this->groups = [$first, ...array_values($others)];
    }

    /** @param  list<Eater>  $groups  none: one, who eats as usual */
    public static function of(array $groups): self
    {
        return new self(...($groups === [] ? [new Eater] : $groups));
    }

    public function and(self $others): self
    {
        return new self(...$this->groups, ...$others->groups);
    }

    public function heads(): int
    {
        return array_sum(array_map(static fn (Eater $eater): int => $eater->count, $this->groups));
    }

    public function isAnyoneAtRisk(): bool
    {
        return array_filter($this->groups, static fn (Eater $eater): bool => $eater->atRisk) !== [];
    }

    public function isAnyChild(): bool
    {
        return array_filter($this->groups, static fn (Eater $eater): bool => $eater->child) !== [];
    }

    /**
     * @param  list<string>  $diets
     * @return self|null those on none of these diets; null where nobody is left
     */
    public function without(array $diets): ?self
    {
        $left = array_filter($this->groups, static fn (Eater $eater): bool => array_intersect($eater->diets, $diets) === []);

        return $left === [] ? null : new self(...array_values($left));
    }

    /** @return list<string> what must not be in it for somebody: kinds of meat too, which a fat or a stock may be made of */
    public function avoids(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (Eater $eater): array => $eater->avoid, $this->groups))));
    }

    /** @return list<string> what somebody does not eat, by the words of the diets */
    public function diets(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (Eater $eater): array => $eater->diets, $this->groups))));
    }

    /** The same people, each without a wish of their own. */
    public function asUsual(): self
    {
        return new self(...array_map(static fn (Eater $eater): Eater => $eater->wanting(null), $this->groups));
    }
}
