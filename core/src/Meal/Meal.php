<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** What one customer takes home for one occasion. */
final readonly class Meal
{
    /** @param  non-empty-list<Dish>  $dishes */
    public function __construct(public array $dishes) {}

    /** @return list<string> what somebody of the table goes without */
    public function avoids(): array
    {
        return array_values(
            array_unique(array_merge(...array_map(static fn (Dish $dish): array => $dish->eaters()->avoids(), $this->dishes))),
        );
    }
}
