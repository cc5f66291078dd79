<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** Why this cut for the kind of dish that was asked for; cooked the way the dish is first made, it is more of one. */
final readonly class Dish implements Criterion
{
    /** Another of its ways of cooking. Common practice, no source. */
    private const OTHER_WAY = 0.7;

    public function id(): string
    {
        return 'dish';
    }

    public function isAsked(Wish $wish): bool
    {
        return $wish->meat->dish !== null;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $dish = $wish->meat->dish;

        return match (true) {
            $dish === null || ! in_array($option->method->value, $dish->methods, true) => 0.0,
            $option->method->value === $dish->methods[0] => 1.0,
            default => self::OTHER_WAY,
        };
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return $wish->meat->dish === null || $value <= 0.0 ? null : new Phrase("match.dish_{$wish->meat->dish->why}");
    }
}
