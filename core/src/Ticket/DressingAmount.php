<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** So much of one ingredient, by weight and as a kitchen without a scale measures it. */
final readonly class DressingAmount
{
    /**
     * @param  float|null  $spoons  in quarters, or mL; null for what may only be weighed
     * @param  string|null  $spoon  pinch, teaspoon, tablespoon, millilitre
     * @param  string|null  $insteadOf  what it takes the place of
     */
    public function __construct(
        public string $name,
        public float $g,
        public ?float $spoons,
        public ?string $spoon,
        public ?string $insteadOf,
    ) {}
}
