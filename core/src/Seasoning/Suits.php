<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\Record;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;

/** How well a seasoning suits a piece: rules, each with a sentence; their weights are data. Common practice, no source. */
final readonly class Suits
{
    /** From here on fat is what a seasoning brings, kg/kg. */
    private const RICH_FROM = 0.3;

    private const SHARP_FROM = 0.01;

    private const SWEET_FROM = 0.08;

    /** @param  Record  $weights  by rule */
    public function __construct(private Record $weights) {}

    /** @param  list<Reason>  $reasons */
    public function score(array $reasons): float
    {
        return array_sum(array_map(fn (Reason $reason): float => $reason->value * $this->weights->number($reason->rule), $reasons));
    }

    /**
     * @param  bool  $isScorched  part of it would burn, or it cannot go on before the heat is over
     * @param  bool  $isInTime  whether it can still be done before the meal
     * @param  array<string, string>  $schools
     * @return list<Reason> what bears on it, the weightiest first
     */
    public function reasons(Seasoning $of, Subject $on, bool $isScorched, bool $isInTime, array $schools): array
    {
        $reasons = array_values(
            array_filter([
                self::madeFor($of, $on),
                self::loud($of),
                self::marbled($of, $on),
                self::lean($of, $on),
                self::lamb($of, $on),
                self::game($of, $on),
                self::fish($of, $on),
                self::bird($of, $on),
                self::heat($of, $on),
                self::thickness($of, $on),
                self::minced($of, $on),
                self::standing($of, $on),
                self::school($of, $schools),
                self::skin($of, $on),
                self::organ($of, $on),
                self::treated($of, $on),
                $isScorched ? self::says('scorch', -0.8, 'scorch') : null,
                $isInTime ? null : self::says('time', -1.0, 'time'),
            ]),
        );
        usort($reasons, fn (Reason $a, Reason $b): int => $this->weight($b) <=> $this->weight($a));

        return $reasons;
    }

    private function weight(Reason $reason): float
    {
        return abs($reason->value) * $this->weights->number($reason->rule);
    }

    private static function says(string $rule, float $value, string $key): Reason
    {
        return new Reason($rule, $value, new Phrase("season_why.{$key}"));
    }

    private static function isDressing(Seasoning $of): bool
    {
        return ! $of->kind->isSaltOnly() && $of->kind !== Kind::FinishingSalt;
    }

    private static function isBare(Seasoning $of): bool
    {
        return $of->kind === Kind::Salt && count($of->amounts) === 1;
    }

    /** What is strong is for those who ask for it. */
    private static function loud(Seasoning $of): ?Reason
    {
        return match ($of->strength) {
            3 => self::says('loud', -1.0, 'loud'),
            2 => self::says('loud', -0.25, 'loud_some'),
            default => null,
        };
    }

    /** What it was thought out for; the fewer sorts of meat, the more so. */
    private static function madeFor(Seasoning $of, Subject $on): ?Reason
    {
        return $of->groups === [] || $of->kind === Kind::FinishingSalt
            ? null
            : self::says('made_for', 1.0 / count($of->groups), 'made_for');
    }

    private static function marbled(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            ! $on->isMarbled() => null,
            ! self::isDressing($of) => self::says('marbled', self::isBare($of) ? 1.0 : 0.75, 'marbled_salt'),
            $of->fat() >= self::RICH_FROM => self::says('marbled', -0.8, 'marbled_rich'),
            default => self::says('marbled', -0.2 * $of->strength, 'marbled_plain'),
        };
    }

    private static function lean(Seasoning $of, Subject $on): ?Reason
    {
        if (! $on->isLean() || $on->isLong() || $on->isShellfish()) {
            return null;
        }
        $isFine = $on->cut->priceClass >= 4;

        return match (true) {
            ! self::isDressing($of) => self::says('lean', -0.3, 'lean_bare'),
            $of->fat() >= self::RICH_FROM => self::says('lean', $isFine ? 0.7 : 1.0, 'lean_fat'),
            $of->kind->isMarinade(), $of->kind === Kind::PanSauce, $of->kind === Kind::ColdSauce => self::says(
                'lean',
                0.8,
                'lean_dress',
            ),
            $of->kind->isBrine() => self::says('lean', $on->isThick() ? 0.6 : 0.3, 'lean_brine'),
            default => self::says('lean', 0.3, 'lean_dress'),
        };
    }

    private static function lamb(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            $on->cut->group->value !== 'lamb' => null,
            $of->kind === Kind::OilMarinade, $of->kind === Kind::Butter && ! $on->isLean() => self::says('lamb', -1.0, 'lamb_oil'),
            $of->acid() >= self::SHARP_FROM => self::says('lamb', 0.6, 'lamb_sharp'),
            $of->has('rosemary'), $of->has('garlic'), $of->has('thyme') => self::says('lamb', 0.5, 'lamb_herb'),
            default => null,
        };
    }

    private static function game(Seasoning $of, Subject $on): ?Reason
    {
        if ($on->cut->group->value !== 'game') {
            return null;
        }
        $isAtHome = $of->groups !== [] && count($of->groups) <= 3 && $of->groups[0] === 'game';

        return match (true) {
            $of->strength === 3 => self::says('game', -1.0, 'game_hides'),
            $isAtHome => self::says('game', 0.8, 'game_woods'),
            $of->strength === 1 => self::says('game', 0.4, 'game_mild'),
            default => self::says('game', -0.2, 'game_hides'),
        };
    }

    private static function fish(Seasoning $of, Subject $on): ?Reason
    {
        if ($on->isShellfish()) {
            return $of->kind === Kind::Butter
                ? self::says('shellfish', 1.0, 'shellfish_butter')
                : self::says('shellfish', $of->strength > 1 ? -0.5 : 0.1, $of->strength > 1 ? 'fish_loud' : 'fish_mild');
        }
        if (! $on->isFish()) {
            return null;
        }
        if ($on->isFatFish()) {
            return match (true) {
                $of->acid() >= self::SHARP_FROM, $of->has('mustard') => self::says('fat_fish', 1.0, 'fish_sharp'),
                $of->kind === Kind::Butter, $of->kind === Kind::OilMarinade => self::says('fat_fish', -0.8, 'fish_rich'),
                $of->kind->isSaltOnly() => self::says('fat_fish', 0.4, 'fish_salt'),
                default => null,
            };
        }

        return match (true) {
            $of->strength === 3 => self::says('white_fish', -1.0, 'fish_loud'),
            $of->kind === Kind::Butter, $of->kind === Kind::PanSauce => self::says(
                'white_fish',
                0.9 - 0.3 * ($of->strength - 1),
                'fish_butter',
            ),
            $of->kind->isSaltOnly() => self::says('white_fish', 0.3, 'fish_salt'),
            $of->strength === 2 => self::says('white_fish', -0.2, 'fish_loud'),
            default => self::says('white_fish', 0.2, 'fish_mild'),
        };
    }

    private static function bird(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            ! $on->isBird() => null,
            $on->isWholeBird() && ($of->kind === Kind::DryBrine || $of->kind->isBrine()) => self::says('bird', 1.0, 'bird_brine'),
            $on->isWholeBird() && in_array($of->kind, [Kind::Gravy, Kind::Butter], true) => self::says('bird', 0.5, 'bird_gravy'),
            $of->kind === Kind::DairyMarinade && ! $on->hasSkin() => self::says('bird', 0.8, 'bird_dairy'),
            $on->cut->fatFraction() >= 0.1 && $of->sugar() >= self::SWEET_FROM && $of->kind === Kind::Glaze => self::says(
                'bird',
                0.6,
                'bird_sweet',
            ),
            default => null,
        };
    }

    private static function heat(Seasoning $of, Subject $on): ?Reason
    {
        $kind = $of->kind;
        if ($on->method === Method::Smoke) {
            return match ($kind) {
                Kind::Rub => $on->isFish() ? self::says('smoke', 0.3, 'smoke_bark') : self::says('smoke', 1.0, 'smoke_bark'),
                Kind::DryBrine, Kind::Salt => self::says('smoke', $on->isFish() || $on->isBird() ? 0.9 : 0.4, 'smoke_salt'),
                Kind::OilMarinade, Kind::DairyMarinade, Kind::PanSauce => self::says('smoke', -0.8, 'smoke_wet'),
                default => null,
            };
        }
        if ($on->isLong()) {
            return match (true) {
                $kind === Kind::AlcoholMarinade => self::says('long', 0.8, 'long_wine'),
                $kind->isSaltOnly() => self::says('long', 0.9, 'long_salt'),
                $kind === Kind::Butter, $kind === Kind::PanSauce => self::says('long', -0.8, 'long_own_sauce'),
                $kind === Kind::ColdSauce, $kind === Kind::FinishingSalt, $kind === Kind::BoardDressing => self::says(
                    'long',
                    0.4,
                    'long_fresh',
                ),
                default => self::says('long', -0.4, 'long_lost'),
            };
        }
        if ($on->method->roastsInOven() && $on->isThick() && ! $on->isFish()) {
            return match ($kind) {
                Kind::Gravy => self::says('roast', 1.0, 'roast_gravy'),
                Kind::Paste => self::says('roast', 0.7, 'roast_paste'),
                Kind::DryBrine => self::says('roast', 0.5, 'roast_salt'),
                Kind::Butter, Kind::BoardDressing => self::says('roast', -0.5, 'roast_butter'),
                default => null,
            };
        }
        if ($on->isInWater()) {
            return match (true) {
                $kind === Kind::Butter, $kind === Kind::ColdSauce, $kind === Kind::PanSauce => self::says('water', 0.8, 'water_sauce'),
                $kind === Kind::Rub, $kind === Kind::HotCrust, $kind === Kind::Paste => self::says('water', -0.8, 'water_washes'),
                default => null,
            };
        }

        return null;
    }

    private static function thickness(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            $on->isThick() && $of->kind === Kind::DryBrine => self::says('thick', 1.0, 'thick_ahead'),
            $on->isThick() && $of->kind === Kind::Glaze && ! $on->isFish() && ! $on->hasSkin() => self::says(
                'thick',
                -0.5,
                'thick_glaze',
            ),
            $on->isThin() && ! $on->isMarbled() && $on->isLean() && ($of->kind->isMarinade() || $of->kind === Kind::Glaze) => self::says(
                'thin',
                0.8,
                'thin_dress',
            ),
            $on->isLongFibred() && $of->kind === Kind::AcidMarinade => self::says('thin', 1.0, 'long_fibred'),
            $on->isLongFibred() && $of->kind === Kind::BoardDressing => self::says('thin', 0.5, 'long_fibred_board'),
            $on->isThin() && $of->kind === Kind::DryBrine => self::says('thin', -0.4, 'thin_salt'),
            default => null,
        };
    }

    private static function minced(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            ! $on->isMinced() => null,
            $of->kind === Kind::Salt => self::says('minced', 0.8, 'minced_outside'),
            $of->kind->moment() === Moment::Plate, $of->kind === Kind::Butter => self::says('minced', 0.1, 'minced_top'),
            default => self::says('minced', -0.4, 'minced_outside'),
        };
    }

    /** A fine piece speaks for itself; a plain one is helped. */
    private static function standing(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            $on->cut->priceClass >= 4 && $of->strength === 3 => self::says('fine', -1.0, 'fine_loud'),
            $on->cut->priceClass >= 4 && $of->kind->isMarinade() && ! $on->isFish() => self::says('fine', -0.6, 'fine_marinade'),
            $on->cut->priceClass <= 2 &&
                ! $on->isLong() &&
                ! $on->isMinced() &&
                ! $on->isFish() &&
                self::isDressing($of) &&
                $of->strength >= 2 => self::says('plain', 0.8, 'plain_dress'),
            default => null,
        };
    }

    /** @param  array<string, string>  $schools */
    private static function school(Seasoning $of, array $schools): ?Reason
    {
        return match (true) {
            ($schools['dressing'] ?? null) === null => null,
            self::isDressing($of) === ($schools['dressing'] === 'dressed') => self::says(
                'school',
                $schools['dressing'] === 'dressed' ? 1.0 : 0.3,
                'school',
            ),
            default => null,
        };
    }

    private static function skin(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            ! $on->hasSkin() || $on->isFish() => null,
            $of->kind->isMarinade(), $of->kind === Kind::Paste => self::says('skin', -0.7, 'skin_wet'),
            $of->kind === Kind::DryBrine => self::says('skin', 0.8, 'skin_dry'),
            $of->kind === Kind::Dip => self::says('skin', 0.4, 'skin_dip'),
            default => null,
        };
    }

    private static function organ(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            $on->cut->form->value !== 'organ' => null,
            in_array('offal', $of->groups, true) => self::says('offal', 1.0, 'offal_sharp'),
            default => null,
        };
    }

    private static function treated(Seasoning $of, Subject $on): ?Reason
    {
        return match (true) {
            ! $on->isTreated() => null,
            $of->salt() * $of->gPerKg > 3.0 => self::says('treated', -1.0, 'treated'),
            default => null,
        };
    }
}
