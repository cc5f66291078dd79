<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;
use Nessmark\School\Schools;

/** Where the trade does it both ways, the house's way first: sear first, or last. */
final readonly class AsHouse implements Criterion
{
    public function __construct(private Schools $schools) {}

    public function id(): string
    {
        return 'house';
    }

    public function isAsked(Wish $wish): bool
    {
        return $wish->house->schools !== [];
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $preferred = $this->schools->asked($option->lot->cut, $option->method, $wish->house->schools)['method'] ?? $option->method->value;

        return $preferred === $option->method->value ? 1.0 : 0.0;
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return $value < 0.5 ? new Phrase('match.not_our_way') : null;
    }
}
