<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Advice\PriceOf;
use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** What is left of the budget. More money never makes it less. */
final readonly class Budget implements Criterion
{
    public function id(): string
    {
        return 'budget';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        return $wish->budgetMinor === null ? 1.0 : max(0.0, min(1.0, 2.0 * (1.0 - $option->perHeadMinor / max(1, $wish->budgetMinor))));
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        if ($wish->budgetMinor === null) {
            return null;
        }

        return new Phrase($value >= 0.5 ? 'match.well_within' : 'match.near_budget', [
            'a_head_money' => $option->perHeadMinor / 100.0,
            'cooked_100g_money' => PriceOf::cookedPer100g($option->lot),
        ]);
    }
}
