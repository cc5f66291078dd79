<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Meat\Group;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;

/** Wishes that are of the piece itself: with or without bone, its skin, soft to chew, crackling, bigger, time to cook it slowly. */
final readonly class Wanted implements Criterion
{
    private const WANTS = [
        Want::Boneless, Want::OnBone, Want::SkinOn, Want::CrispSkin, Want::Soft, Want::Crackling, Want::Bigger, Want::Unhurried,
    ];

    /** The tenderest there is, and the toughest (Meat\Tenderness). */
    private const TENDER = 1.0;

    private const TOUGH = 3.0;

    /** From this weight on a piece is big, g. Common practice, no source. */
    private const BIG_G = 2500.0;

    /** What takes so long has the time it needs, s. Common practice, no source. */
    private const SLOW_S = 7200.0;

    private const SKIN_CRISPS = [Method::OvenRoast, Method::Spit, Method::SearThenOven, Method::AirFry, Method::Pan];

    public function id(): string
    {
        return 'wanted';
    }

    public function isAsked(Wish $wish): bool
    {
        return self::asked($wish) !== [];
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        $values = array_map(static fn (Want $want): float => self::of($want, $option), self::asked($wish));

        return $values === [] ? 0.0 : array_sum($values) / count($values);
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        foreach (self::asked($wish) as $want) {
            if (self::of($want, $option) < 0.5) {
                return new Phrase("match.not_{$want->value}");
            }
        }
        $first = self::asked($wish)[0] ?? null;

        return $first === null ? null : new Phrase("match.{$first->value}");
    }

    /** @return list<Want> */
    private static function asked(Wish $wish): array
    {
        return array_values(array_filter(self::WANTS, $wish->wants(...)));
    }

    private static function of(Want $want, Option $option): float
    {
        $cut = $option->lot->cut;
        $isCrisp = $cut->covering->hasSkin && in_array($option->method, self::SKIN_CRISPS, true);
        $isLong = $cut->donenessFamily === 'long_cooked';

        return match ($want) {
            Want::Boneless => $cut->covering->isBoneless() ? 1.0 : 0.0,
            Want::OnBone => $cut->covering->isBoneless() ? 0.0 : 1.0,
            Want::SkinOn => $cut->covering->hasSkin ? 1.0 : 0.0,
            Want::CrispSkin => $isCrisp ? 1.0 : 0.0,
            Want::Soft => $isLong ? 1.0 : (self::TOUGH - $cut->tendernessScore()) / (self::TOUGH - self::TENDER),
            Want::Crackling => $cut->group === Group::Pork && $isCrisp ? 1.0 : 0.0,
            Want::Bigger => min(1.0, $cut->build->typicalG / self::BIG_G),
            default => min(1.0, ($option->times?->wholeS(Time::PREPARE_S) ?? self::SLOW_S) / self::SLOW_S),
        };
    }
}
