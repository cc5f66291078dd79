<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Catalogue\Kinds;
use Nessmark\Catalogue\NameIndex;

/** Parts a line into its dishes: a second meat behind a comma or an "and" is another, behind an "or" another choice. */
final class Dishes
{
    private function __construct() {}

    /**
     * @param  list<Chip>  $chips
     * @return non-empty-list<list<Chip>> what holds for all of them stands in each
     */
    public static function of(array $chips, Kinds $kinds, NameIndex $names): array
    {
        $dishes = [[]];
        foreach (self::segments($chips) as $segment) {
            $last = count($dishes) - 1;
            $isOther =
                self::bears($segment) &&
                self::bears($dishes[$last]) &&
                $segment[0]->kind !== ChipKind::Or &&
                ($segment[0]->kind === ChipKind::And || self::counts($segment) || ! self::areAlike($segment, $dishes[$last], $kinds, $names));
            if ($isOther) {
                $dishes[] = $segment;
            } else {
                $dishes[$last] = [...$dishes[$last], ...$segment];
            }
        }

        return count($dishes) === 1 ? $dishes : self::sharing($dishes);
    }

    /**
     * @param  list<Chip>  $chips
     * @return list<non-empty-list<Chip>>
     */
    private static function segments(array $chips): array
    {
        $segments = [];
        foreach ($chips as $chip) {
            if ($segments === [] || $chip->isAfterComma || in_array($chip->kind, [ChipKind::And, ChipKind::Or], true)) {
                $segments[] = [$chip];
            } else {
                $segments[count($segments) - 1][] = $chip;
            }
        }

        return $segments;
    }

    /** @param  list<Chip>  $chips */
    private static function counts(array $chips): bool
    {
        $counting = [ChipKind::Lead, ChipKind::Pieces, ChipKind::Count];

        return array_filter($chips, static fn (Chip $chip): bool => in_array($chip->kind, $counting, true)) !== [];
    }

    /** @param  list<Chip>  $chips */
    private static function bears(array $chips): bool
    {
        return self::meats($chips) !== [];
    }

    /**
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    private static function meats(array $chips): array
    {
        return array_values(
            array_filter(
                $chips,
                static fn (Chip $chip): bool => $chip->kind->isMeat() ||
                    ($chip->kind === ChipKind::Diet && in_array($chip->value, ['vegetarian', 'vegan'], true)),
            ),
        );
    }

    /**
     * "Rib eye, steak" is one meat said twice.
     *
     * @param  list<Chip>  $segment
     * @param  list<Chip>  $dish
     */
    private static function areAlike(array $segment, array $dish, Kinds $kinds, NameIndex $names): bool
    {
        foreach (self::meats($segment) as $meat) {
            $kind = $meat->kind === ChipKind::Kind ? $kinds->kind($meat->value) : null;
            if ($kind === null) {
                return $meat->kind === ChipKind::Dish && array_filter(self::meats($dish), static fn (Chip $of): bool => $of->kind !== ChipKind::Kind) === [];
            }
            foreach (self::meats($dish) as $of) {
                $cut = $of->kind === ChipKind::Named ? $names->find($of->value, 1)[0]->cut ?? null : null;
                $isSame = $of->kind === ChipKind::Kind && $kinds->overlap($of->value, $meat->value);
                if (! $isSame && ($cut === null || ! $kind->holds($cut))) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * The hour holds for all; so do people and fire where one dish alone has them and they stand behind the last.
     *
     * @param  non-empty-list<list<Chip>>  $dishes
     * @return non-empty-list<list<Chip>>
     */
    private static function sharing(array $dishes): array
    {
        $all = array_values(array_filter(array_merge(...$dishes), static fn (Chip $chip): bool => $chip->kind->isOfMeal()));
        $last = $dishes[count($dishes) - 1];
        $behind = [];
        foreach ($last as $chip) {
            $behind = $chip->kind->isMeat() ? [] : [...$behind, $chip];
        }
        $is = static fn (array $kinds): callable => static fn (Chip $chip): bool => in_array($chip->kind, $kinds, true);
        $shared = [];
        foreach ([[ChipKind::Count], [ChipKind::Appliance, ChipKind::Method], [ChipKind::Budget], [ChipKind::InAll]] as $kinds) {
            $having = array_filter($dishes, static fn (array $dish): bool => array_filter($dish, $is($kinds)) !== []);
            $shared = count($having) === 1 ? [...$shared, ...array_filter($behind, $is($kinds))] : $shared;
        }

        return array_map(
            static fn (array $dish): array => [
                ...$dish,
                ...array_filter([...$all, ...$shared], static fn (Chip $chip): bool => ! in_array($chip, $dish, true)),
            ],
            $dishes,
        );
    }
}
