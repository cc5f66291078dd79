<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Method\Fit;
use Nessmark\Method\Method;
use Nessmark\Method\Until;
use Nessmark\Say\Phrase;

/** Whether the muscle is made for this heat: tender for short and dry, full of collagen for long and moist. */
final class Suits implements Criterion
{
    private const LONG = [Method::Braise, Method::Parcel, Method::Smoke, Method::Confit];

    private const COOKED_LONG = 'long_cooked';

    /** Reasons that hold only for what is cooked until its collagen has turned. */
    private const OF_TURNING = ['fit.melts', 'fit.parcel_melts', 'fit.smoke_melts'];

    /** A way that will do, beside one that is right. Common practice, no source. */
    private const POSSIBLE = 0.6;

    /** How much of it is the muscle itself, once the way of cooking is right for it. Common practice, no source. */
    private const MUSCLE_SHARE = 0.3;

    /** @var array<string, float> what the muscle of each cut is worth in long heat, and in short */
    private array $muscles = [];

    public function id(): string
    {
        return 'suits';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $cut = $option->lot->cut;
        $isLong = in_array($option->method, self::LONG, true) || Until::isTender($cut, $option->method);
        if ($isLong && $cut->donenessFamily !== self::COOKED_LONG) {
            // It is taken off at its core temperature, long before its collagen has turned.
            return ($option->fit->fit === Fit::Good ? 1.0 : self::POSSIBLE) * (1.0 - self::MUSCLE_SHARE);
        }
        $muscle = $this->muscles[$cut->slug.($isLong ? ' long' : '')] ??= $isLong
            ? ($cut->collagenRank() - 1.0) / 3.0
            : (3.0 - $cut->tendernessScore()) / 2.0;

        return ($option->fit->fit === Fit::Good ? 1.0 : self::POSSIBLE) * (1.0 - self::MUSCLE_SHARE + self::MUSCLE_SHARE * $muscle);
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        $isTurned = $option->lot->cut->donenessFamily === self::COOKED_LONG;
        $reasons = array_values(
            array_filter(
                $option->fit->reasons,
                static fn (Phrase $reason): bool => $isTurned || ! in_array($reason->key, self::OF_TURNING, true),
            ),
        );

        return $value >= 0.5 ? $reasons[0] ?? null : $option->fit->doubts[0] ?? null;
    }
}
