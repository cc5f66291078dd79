<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Form;
use Nessmark\Meat\Group;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;

/** Fat is the margin for error: the further it is cooked and the less the cook is used to it, the more of it is needed. */
final readonly class Margin implements Criterion
{
    /** Moist or held heat does not dry it out. Common practice, no source. */
    private const FORGIVING = [
        Method::Braise, Method::PotRoast, Method::Parcel, Method::Poach, Method::Simmer, Method::Steam, Method::Confit, Method::WaterBath,
        Method::BathThenSear,
    ];

    /** Steam and water render nothing: what is fat stays fat, and would rather be grilled. Common practice, no source. */
    private const KEEPS_FAT = [Method::Steam, Method::Poach, Method::Simmer];

    private const FAT_STAYS = 0.4;

    /** From this core on fat is missed, up to well done, °C. Common practice, no source. */
    private const FROM_C = 52.0;

    private const WELL_C = 71.0;

    /** How much a practised cook still needs it. Common practice, no source. */
    private const USED = 0.7;

    /** No margin, and all of it, kg/kg. Common practice, no source. */
    private const LEAN = 0.02;

    private const FORGIVES = 0.1;

    public function id(): string
    {
        return 'margin';
    }

    public function isAsked(Wish $wish): bool
    {
        return true;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $margin = self::margin($option);
        if ($wish->wants(Want::Rich)) {
            return $margin;
        }
        if ($wish->wants(Want::Lean)) {
            return 1.0 - $margin;
        }
        if (in_array($option->method, self::KEEPS_FAT, true)) {
            return 1.0 - self::FAT_STAYS * $margin;
        }
        $past = ($option->longest()->doneness->targetC - self::FROM_C) / (self::WELL_C - self::FROM_C);
        $need = in_array($option->method, self::FORGIVING, true)
            ? 0.0
            : self::USED * max(0.0, min(1.0, $past)) + ($wish->wants(Want::Easy) ? 1.0 - self::USED : 0.0);

        return 1.0 - $need * (1.0 - $margin);
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        $args = ['fat_pct' => round(100.0 * $option->lot->cut->fatFraction())];

        return match (true) {
            $wish->wants(Want::Lean) => new Phrase($value >= 0.5 ? 'match.lean' : 'match.not_lean', $args),
            $value < 0.5 => new Phrase('match.no_margin', $args),
            self::margin($option) >= 0.5 && ! in_array($option->method, self::FORGIVING, true) => new Phrase('match.margin', $args),
            default => null,
        };
    }

    private static function margin(Option $option): float
    {
        $fat = $option->lot->cut->fatFraction();
        // Of whole beef without a grade nobody knows how much of its fat is marbling, and how much is seam and rim.
        $isUnknown = $option->lot->fat === null && $option->lot->cut->group === Group::Beef && $option->lot->cut->form !== Form::Mince;

        return max(0.0, min(1.0, (($isUnknown ? min($fat, Cut::UNGRADED_MARBLING) : $fat) - self::LEAN) / (self::FORGIVES - self::LEAN)));
    }
}
