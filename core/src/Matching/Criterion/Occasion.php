<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** Something special wants the dear, full-flavoured cuts; any other day they are a little much. */
final readonly class Occasion implements Criterion
{
    public function id(): string
    {
        return 'occasion';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $cut = $option->lot->cut;
        $dear = ($cut->priceClass - 1.0) / 3.0;

        return $wish->wants(Want::Special) ? 0.6 * $dear + 0.4 * ($cut->flavour - 1.0) / 4.0 : 1.0 - 0.5 * $dear;
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return match (true) {
            ! $wish->wants(Want::Special) => null,
            $value >= 0.5 => new Phrase('match.special'),
            default => new Phrase('match.plain'),
        };
    }
}
