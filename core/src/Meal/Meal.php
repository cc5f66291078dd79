<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** What one customer takes home for one occasion. */
final readonly class Meal
{
    /** @param  non-empty-list<Dish>  $dishes */
    public function __construct(public array $dishes) {}
}
