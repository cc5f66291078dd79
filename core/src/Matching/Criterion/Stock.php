<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** First in, first out: what has to go soonest is sold first. */
final readonly class Stock implements Criterion
{
    private const A_WEEK = 7.0;

    private const UNDATED = 0.3;

    public function id(): string
    {
        return 'stock';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $days = $option->lot->daysLeft($wish->day());

        return $days === null ? self::UNDATED : max(0.0, min(1.0, 1.0 - $days / self::A_WEEK));
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        $days = $option->lot->daysLeft($wish->day());

        return match (true) {
            $option->lot->leadDays > 0 => new Phrase('match.to_order', ['days' => $option->lot->leadDays]),
            $days === 0 => new Phrase('match.last_day'),
            $days === 1 => new Phrase('match.first_to_go'),
            default => null,
        };
    }
}
