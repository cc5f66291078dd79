<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** It was to be easy: how long the core takes for one degree, which is how late one may be. */
final readonly class Window implements Criterion
{
    /** As meat comes out of the fridge, °C. */
    private const FROM_C = 5.0;

    /** A degree in so many seconds is no window at all; three doublings more are ease. Common practice, no source. */
    private const HURRIED_S_PER_K = 3.0;

    private const DOUBLINGS = 3.0;

    public function id(): string
    {
        return 'window';
    }

    public function isAsked(Wish $wish): bool
    {
        return $wish->wants(Want::Easy);
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        return $option->times === null
            ? 1.0
            : max(
                0.0,
                min(1.0, log(self::secondsPerKelvin($option, $option->times->heatS) / self::HURRIED_S_PER_K, 2) / self::DOUBLINGS),
            );
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return $option->times === null
            ? null
            : new Phrase($value >= 0.5 ? 'match.at_leisure' : 'match.to_the_second', [
                'degree_s' => self::secondsPerKelvin($option, $option->times->heatS),
            ]);
    }

    private static function secondsPerKelvin(Option $option, float $heatS): float
    {
        return max(1.0, $heatS) / max(1.0, $option->longest()->doneness->targetC - self::FROM_C);
    }
}
