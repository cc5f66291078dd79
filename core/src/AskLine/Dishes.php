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
     * @return non-empty-list<list<list<Chip>>> the segments of each dish
     */
    public static function of(array $chips, Kinds $kinds, NameIndex $names): array
    {
        $dishes = [[]];
        foreach (self::segments($chips, $kinds, $names) as $segment) {
            $of = self::spokenOf($segment, array_values($dishes));
            if ($of !== null) {
                $withoutName = array_filter($segment, static fn (Chip $chip): bool => ! $chip->kind->isMeat());
                $dishes[$of] = [...$dishes[$of], array_values($withoutName)];

                continue;
            }
            $last = count($dishes) - 1;
            $before = self::chips($dishes[$last]);
            $isOther =
                self::bears($segment) &&
                self::bears($before) &&
                $segment[0]->kind !== ChipKind::Or &&
                ($segment[0]->kind === ChipKind::And || self::counts($segment) || ! self::areAlike($segment, $before, $kinds, $names));
            if ($isOther) {
                $dishes[] = [$segment];
            } else {
                $dishes[$last] = [...$dishes[$last], $segment];
            }
        }

        return array_values($dishes);
    }

    /**
     * "The salmon is for the others" speaks of a dish that was named before.
     *
     * @param  non-empty-list<Chip>  $segment
     * @param  list<list<list<Chip>>>  $dishes
     */
    private static function spokenOf(array $segment, array $dishes): ?int
    {
        if (array_filter($segment, static fn (Chip $chip): bool => $chip->kind === ChipKind::Others) === []) {
            return null;
        }
        $named = array_column(self::meats($segment), 'value');
        foreach ($dishes as $i => $segments) {
            if (array_intersect($named, array_column(self::meats(self::chips($segments)), 'value')) !== []) {
                return $i;
            }
        }

        return null;
    }

    /**
     * @param  list<list<Chip>>  $segments
     * @return list<Chip>
     */
    public static function chips(array $segments): array
    {
        return array_merge([], ...$segments);
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
    public static function bears(array $chips): bool
    {
        return self::meats($chips) !== [];
    }

    /**
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    private static function meats(array $chips): array
    {
        return array_values(array_filter($chips, static fn (Chip $chip): bool => $chip->kind->isMeat()));
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
    public static function sharing(array $dishes): array
    {
        if (count($dishes) === 1) {
            return $dishes;
        }
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
