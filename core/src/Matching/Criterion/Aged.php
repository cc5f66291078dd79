<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Meat\Form;
use Nessmark\Meat\Group;
use Nessmark\Say\Phrase;

/** Hung long enough to be tender: hindquarters ten to fourteen days at least, common practice. */
final readonly class Aged implements Criterion
{
    private const HUNG = [Form::Steak, Form::Chop, Form::Roast];

    private const HUNG_DAYS = 21.0;

    private const WORTH_SAYING = 10;

    private const NO_MATTER = 0.5;

    public function id(): string
    {
        return 'aged';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        return in_array($option->lot->cut->group, [Group::Beef, Group::Lamb, Group::Game], true) &&
            in_array($option->lot->cut->form, self::HUNG, true)
            ? min(1.0, ($option->lot->agedDays ?? 0) / self::HUNG_DAYS)
            : self::NO_MATTER;
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return $option->lot->agedDays !== null && $option->lot->agedDays >= self::WORTH_SAYING
            ? new Phrase('match.aged', ['days' => $option->lot->agedDays])
            : null;
    }
}
