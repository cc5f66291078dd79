<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Catalogue\Kinds;
use Nessmark\Catalogue\NameIndex;

/** Parts a line into its dishes: a second meat behind a comma or an "and" is another, behind an "or" another choice. */
final class Dishes
{
    /** What stands before the meat it counts. */
    private const COUNTING = [
        ChipKind::Pieces, ChipKind::Lead, ChipKind::Count, ChipKind::Each, ChipKind::Weight, ChipKind::Part, ChipKind::Bones,
        ChipKind::Grade, ChipKind::Rearing,
    ];

    private function __construct() {}

    /**
     * @param  list<Chip>  $chips
     * @return non-empty-list<list<Chip>> what holds for all of them stands in each
     */
    public static function of(array $chips, Kinds $kinds, NameIndex $names): array
    {
        $dishes = [[]];
        foreach (self::segments($chips, $kinds, $names) as $segment) {
            $last = count($dishes) - 1;
            $isOther =
                self::bears($segment) &&
                self::bears($dishes[$last]) &&
                $segment[0]->kind !== ChipKind::Or &&
                ($segment[0]->kind === ChipKind::And ||
                    self::counts($segment) ||
                    ! self::areAlike($segment, $dishes[$last], $kinds, $names));
            if ($isOther) {
                $dishes[] = $segment;
            } else {
                $dishes[$last] = [...$dishes[$last], ...$segment];
            }
        }

        return count($dishes) === 1 ? $dishes : self::sharing($dishes);
    }

    /**
     * Parted at commas, at "and" and "or", and before another meat with the number it is counted by.
     *
     * @param  list<Chip>  $chips
     * @return list<non-empty-list<Chip>>
     */
    private static function segments(array $chips, Kinds $kinds, NameIndex $names): array
    {
        $segments = [];
        foreach ($chips as $chip) {
            $last = count($segments) - 1;
            $isOtherMeat =
                $last >= 0 &&
                $chip->kind->isMeat() &&
                self::bears($segments[$last]) &&
                ! self::areAlike([$chip], $segments[$last], $kinds, $names);
            $isConnected = $last >= 0 && ! $chip->isAfterComma && ! in_array($chip->kind, [ChipKind::And, ChipKind::Or], true);
            if (! $isConnected) {
                $segments[] = [$chip];
            } elseif ($isOtherMeat) {
                [$segments[$last], $counting] = self::untilMeat($segments[$last]);
                $segments[] = [...$counting, $chip];
            } else {
                $segments[$last][] = $chip;
            }
        }

        return $segments;
    }

    /**
     * @param  non-empty-list<Chip>  $segment
     * @return array{non-empty-list<Chip>, list<Chip>} up to its last meat and what describes it, and what counts the next
     */
    private static function untilMeat(array $segment): array
    {
        for ($at = count($segment) - 1; $at > 0 && ! $segment[$at]->kind->isMeat(); $at--) {
            if (in_array($segment[$at]->kind, self::COUNTING, true)) {
                return [array_slice($segment, 0, $at), array_slice($segment, $at)];
            }
        }

        return [$segment, []];
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
     * "Rib eye, steak" is one meat said twice, and so is "lamb stew".
     *
     * @param  list<Chip>  $segment
     * @param  list<Chip>  $dish
     */
    private static function areAlike(array $segment, array $dish, Kinds $kinds, NameIndex $names): bool
    {
        foreach (self::meats($segment) as $meat) {
            foreach (self::meats($dish) as $of) {
                if (! self::isAlike($meat, $of, $kinds, $names)) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function isAlike(Chip $one, Chip $other, Kinds $kinds, NameIndex $names): bool
    {
        [$isOne, $isOther] = array_map(
            static fn (Chip $chip): bool => in_array($chip->kind, [ChipKind::Named, ChipKind::Kind], true),
            [$one, $other],
        );
        if (! $isOne || ! $isOther) {
            return $isOne !== $isOther; // a dish, and what it is made of
        }
        if ($one->kind === ChipKind::Kind && $other->kind === ChipKind::Kind) {
            return $kinds->overlap($one->value, $other->value);
        }
        [$named, $kind] = $one->kind === ChipKind::Named ? [$one, $other] : [$other, $one];
        $cut = $kind->kind === ChipKind::Kind ? $names->find($named->value, 1)[0]->cut ?? null : null;

        return $cut !== null && $kinds->kind($kind->value)?->holds($cut) === true;
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
