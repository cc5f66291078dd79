<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Say\Phrase;

/** One thing a piece is judged by. Its weight is data, what it values is code. */
interface Criterion
{
    /** The key of its weight in matching.json, and of its name in the wording. */
    public function id(): string;

    /** Whether this wish asks for it at all. What is not asked for weighs nothing. */
    public function isAsked(Wish $wish): bool;

    /** 0 to 1. */
    public function value(Option $option, Wish $wish, Field $field): float;

    /** The sentence for a value, for or against; null where there is nothing worth saying. */
    public function says(Option $option, Wish $wish, float $value): ?Phrase;
}
