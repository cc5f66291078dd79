<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** As thick as was asked for, or as such a piece should be. */
final readonly class Thickness implements Criterion
{
    /** A wish for a thickness is felt so much more than custom. Common practice, no source. */
    private const ASKED = 2.0;

    public function id(): string
    {
        return 'thickness';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        if ($option->lot->thickness === null) {
            return 1.0; // cut to order
        }
        $wishedMm = $wish->meat->thickness?->toMillimetres() ?? $option->lot->cut->build->typicalMm;
        $off = abs(log($option->sale->size->thickness->toMillimetres() / $wishedMm, 2));

        return max(0.0, 1.0 - ($wish->meat->thickness === null ? 1.0 : self::ASKED) * $off);
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        $args = [
            'thickness_mm' => $option->sale->size->thickness->toMillimetres(),
            'wished_mm' => $wish->meat->thickness?->toMillimetres() ?? 0.0,
        ];

        return match (true) {
            $wish->meat->thickness === null => null,
            $option->lot->thickness === null => new Phrase('match.cut_to_order', $args),
            $value >= 0.8 => new Phrase('match.thick_enough', $args),
            default => new Phrase($args['thickness_mm'] > $args['wished_mm'] ? 'match.thicker' : 'match.thinner', $args),
        };
    }
}
