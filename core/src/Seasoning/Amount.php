<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** So much of one ingredient in a gram of a seasoning, kg/kg. */
final readonly class Amount
{
    /** @param  string|null  $insteadOf  the name of what it takes the place of */
    public function __construct(public Ingredient $ingredient, public float $share, public ?string $insteadOf = null) {}
}
