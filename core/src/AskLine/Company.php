<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** The people some chips speak of: those counted apart, the rest, and what holds for everyone. */
final readonly class Company
{
    /**
     * @param  list<Guests>  $groups
     * @param  Guests  $everyone  what is said of no group in particular
     */
    private function __construct(public array $groups, public Guests $everyone) {}

    /**
     * Words about eaters that follow no number hold for everyone who is not counted apart. Children come besides those who were
     * counted, unless they are said to be among them.
     *
     * @param  list<Chip>  $said
     * @param  int|null  $total  how many sit there
     * @param  bool  $isOfPieces  the total was counted in meat, so that who eats none comes besides
     */
    public static function of(array $said, ?int $total, bool $isOfPieces = false): self
    {
        [$groups, $everyone] = self::spokenOf($said);
        $groups = array_map(
            static fn (Guests $group): Guests => $isOfPieces && $group->eatsNoMeat() ? $group->besides() : $group,
            self::halved($groups, $total),
        );
        $groups = self::withinTheirKind($groups);
        $among = array_values(array_filter($groups, static fn (Guests $group): bool => $group->isAmong));
        $besides = array_values(array_filter($groups, static fn (Guests $group): bool => ! $group->isAmong));
        $apart = self::heads($among);
        $rest = ($total ?? ($groups === [] ? 1 : $apart)) - $apart;
        $rows = [
            ...$rest > 0 || $groups === [] ? [$everyone->counting(max(1, $rest))->done(null)] : [],
            ...array_map(static fn (Guests $group): Guests => $group->like($everyone), [...$among, ...$besides]),
        ];
        // the diet of all stands beside them, not in each group
        $ofAll = array_values(array_intersect(...array_map(static fn (Guests $group): array => $group->diets, [$rows[0], ...$rows])));
        $everyone = $everyone->onDiets($ofAll);

        return new self(
            array_map(static fn (Guests $group): Guests => $group->withoutDiets($everyone->diets), $rows),
            $everyone,
        );
    }

    /**
     * "Three kids, one kid no egg": the one is of the three.
     *
     * @param  list<Guests>  $groups
     * @return list<Guests>
     */
    private static function withinTheirKind(array $groups): array
    {
        foreach ($groups as $i => $group) {
            $isOne = $group->isChild && ($group->avoid !== [] || $group->diets !== []);
            foreach (array_slice($groups, 0, $i) as $j => $kind) {
                if ($isOne && $kind->isChild && $kind->avoid === [] && $kind->diets === [] && $kind->count > $group->count) {
                    $groups[$j] = $kind->counting($kind->count - $group->count);
                    $groups[$i] = $kind->isAmong ? $group->among() : $group;
                    break;
                }
            }
        }

        return array_values($groups);
    }

    /**
     * Only those who are counted apart: there is no rest.
     *
     * @param  list<Chip>  $said
     */
    public static function marks(array $said): self
    {
        return new self(...self::spokenOf($said));
    }

    /** @param  list<Guests>  $groups */
    private static function heads(array $groups): int
    {
        return array_sum(array_map(static fn (Guests $group): int => $group->count, $groups));
    }

    /**
     * @param  list<Chip>  $said
     * @return array{list<Guests>, Guests} counted apart, and everyone
     */
    private static function spokenOf(array $said): array
    {
        $groups = [];
        $everyone = new Guests;
        $current = null;
        $isAmong = false;
        foreach (self::peopleFirst($said) as $chip) {
            // what must not be in it, said in a breath of its own, is said of everyone
            $isOfAll = $chip->isAfterComma && in_array($chip->kind, [ChipKind::Avoid, ChipKind::Diet], true);
            $isOfGroup = ! $isOfAll && ($chip->kind->isOfEaters() || $chip->kind === ChipKind::Diet);
            $isAmong = $isAmong || $chip->kind === ChipKind::Among;
            $isPerson = in_array($chip->kind, [ChipKind::Risk, ChipKind::Child], true) && ($current === null || $chip->isAfterComma);
            $starts = match (true) {
                $chip->kind === ChipKind::Lead, $chip->kind === ChipKind::Half => Guests::lead($chip, $isAmong),
                // "pregnant" alone is one of them, "a toddler" one besides
                $isPerson => (new Guests(
                    1, isOfThem: $isAmong, from: $chip->from,
                ))->with($chip),
                default => null,
            };
            if ($starts === null && $current !== null && $isOfGroup) {
                $current = $current->with($chip);

                continue;
            }
            $groups = $current === null ? $groups : [...$groups, $current];
            $everyone = $starts === null ? $everyone->with($chip) : $everyone;
            $current = $starts;
        }

        return [$current === null ? $groups : [...$groups, $current], $everyone];
    }

    /**
     * "Well done for grandma": how it is done, in a breath of its own before those who have it so, is theirs.
     *
     * @param  list<Chip>  $said
     * @return list<Chip>
     */
    private static function peopleFirst(array $said): array
    {
        foreach ($said as $i => $chip) {
            $next = $said[$i + 1] ?? null;
            $isPeople = in_array($next?->kind, [ChipKind::Lead, ChipKind::Risk, ChipKind::Child], true) && ! $next->isAfterComma;
            $isServed = str_ends_with($next->value ?? '', ' '.ChipKind::SERVED);
            if ($chip->kind === ChipKind::Doneness && $isPeople && ($isServed || $chip->isAfterComma)) {
                [$said[$i], $said[$i + 1]] = [$next->inOwnBreath(), $chip->inBreathBefore()];
            }
        }

        return $said;
    }

    /**
     * "Half rare, half well": the first half has the odd one.
     *
     * @param  list<Guests>  $groups
     * @return list<Guests>
     */
    private static function halved(array $groups, ?int $total): array
    {
        $left = $total ?? 2;
        foreach ($groups as $i => $group) {
            if ($group->count === 0) {
                $groups[$i] = $group->counting(max(1, min($left, (int) ceil(($total ?? 2) / 2))));
                $left -= $groups[$i]->count;
            }
        }

        return $groups;
    }
}
