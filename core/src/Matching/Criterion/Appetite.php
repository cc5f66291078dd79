<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** Pieces that make portions: one each, or one shared evenly, and no more or less of it than is wanted. */
final readonly class Appetite implements Criterion
{
    public function id(): string
    {
        return 'appetite';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $much = max(0.0, 1.0 - abs(log($option->sale->raw()->toGrams() / $option->sale->need->toGrams(), 2)));
        if ($option->sale->count === null || $option->lot->thickness === null) {
            return $much;
        }
        $ratio = $option->sale->size->mass->toGrams() / ($option->sale->raw()->toGrams() / $wish->eaters->heads());
        $ratio = $ratio < 1.0 ? 1.0 / $ratio : $ratio;

        return min($much, max(0.0, 1.0 - (2.0 * abs($ratio - round($ratio))) / $ratio));
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        [$pieces, $heads] = [$option->sale->count, $wish->eaters->heads()];
        if ($value >= 0.5 || $pieces === null) {
            return null;
        }
        $isEven = $pieces % $heads === 0 || $heads % $pieces === 0;

        return $isEven
            ? new Phrase('match.off_portion', [
                'head_g' => round($option->sale->raw()->toGrams() / $heads),
                'portion_g' => round($option->sale->need->toGrams() / $heads),
            ])
            : new Phrase('match.uneven', ['pieces' => $pieces, 'heads' => $heads]);
    }
}
