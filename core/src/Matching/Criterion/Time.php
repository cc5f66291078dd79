<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** Ready with time to spare; where no hour was said, or it must be quick, the sooner the better. */
final readonly class Time implements Criterion
{
    /** To trim, dry and salt, s. Common practice, no source. */
    public const PREPARE_S = 300.0;

    /** With this share of the time to spare nobody hurries. Common practice, no source. */
    private const AT_EASE = 0.3;

    /** Where no hour was said. */
    private const NO_HOUR = 0.7;

    /** Quick is this, s; each doubling is a third less so. Common practice, no source. */
    private const QUICK_S = 1200.0;

    private const QUICK_DOUBLINGS = 3.0;

    public function id(): string
    {
        return 'time';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        if ($option->times === null) {
            // not cooked yet: the best it could be
            return $wish->availableS() === null && ! $wish->wants(Want::Quick) ? self::NO_HOUR : 1.0;
        }
        $takesS = $option->times->wholeS(self::PREPARE_S);
        $availableS = $wish->availableS();
        $spare = $availableS === null ? self::NO_HOUR : max(0.0, min(1.0, ($availableS - $takesS) / $availableS / self::AT_EASE));
        if (! $wish->wants(Want::Quick)) {
            return $spare;
        }

        return min($spare, max(0.0, min(1.0, 1.0 - log(max(1.0, $takesS / self::QUICK_S), 2) / self::QUICK_DOUBLINGS)));
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        if ($option->times === null) {
            return null;
        }
        $takesS = $option->times->wholeS(self::PREPARE_S);
        $availableS = $wish->availableS();

        return match (true) {
            $availableS !== null => new Phrase($value >= 0.5 ? 'match.spare' : 'match.tight', [
                'takes_s' => $takesS,
                'spare_s' => $availableS - $takesS,
            ]),
            $wish->wants(Want::Quick) => new Phrase($value >= 0.5 ? 'match.quick' : 'match.slow', ['takes_s' => $takesS]),
            default => null,
        };
    }
}
