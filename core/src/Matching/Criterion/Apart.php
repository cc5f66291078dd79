<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Meat\Form;
use Nessmark\Say\Phrase;

/** Where not all eat alike: can it be parted and marked? */
final readonly class Apart implements Criterion
{
    private const ONE_PIECE = [Form::Roast, Form::WholeBird, Form::WholeFish, Form::Ribs];

    /** Two smaller roasts in the place of one. Common practice, no source. */
    private const HARD = 0.3;

    public function id(): string
    {
        return 'apart';
    }

    public function isAsked(Wish $wish): bool
    {
        return count($wish->eaters->groups) > 1;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        return count($option->shares) > 1 && in_array($option->lot->cut->form, self::ONE_PIECE, true) ? self::HARD : 1.0;
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return count($option->shares) === 1
            ? null
            : new Phrase($value >= 0.5 ? 'match.apart' : 'match.hard_to_part', ['pieces' => count($option->shares)]);
    }
}
