<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** Cheap was asked for: the nearer to the cheapest there is, a head, the better. */
final readonly class Cheap implements Criterion
{
    /** So many doublings of the cheapest price are not cheap at all. Common practice, no source. */
    private const DOUBLINGS = 3.0;

    public function id(): string
    {
        return 'cheap';
    }

    public function isAsked(Wish $wish): bool
    {
        return $wish->wants(Want::Cheap);
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        return max(0.0, min(1.0, 1.0 - log(max(1.0, $option->perHeadMinor / $field->cheapestPerHeadMinor), 2) / self::DOUBLINGS));
    }

    public function says(Option $option, Wish $wish, float $value): Phrase
    {
        return new Phrase($value >= 0.5 ? 'match.cheap' : 'match.not_cheap', ['a_head_money' => $option->perHeadMinor / 100.0]);
    }
}
