<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** As near as can be to the name that was said. */
final readonly class Named implements Criterion
{
    public function id(): string
    {
        return 'named';
    }

    public function isAsked(Wish $wish): bool
    {
        return $wish->meat->named !== null;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        return $option->likeness;
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return $value >= 1.0 ? null : new Phrase($wish->isStoodIn ? 'match.stands_in' : 'match.goes_by_that_name');
    }
}
