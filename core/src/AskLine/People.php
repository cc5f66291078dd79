<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/**
 * Who eats, read off a whole line: people belong to the table, and a dish says which of them eat it, all of them where it does not.
 * What is known of a person (risk, child, diet, what must not be in theirs) goes to every dish they may eat; it is lifted only by being
 * said ("the salmon is for the others").
 */
final readonly class People
{
    /** @param  list<Guests>  $known  who sits at this table already, from dishes before */
    public function __construct(private Roles $roles, private array $known = []) {}

    /** @param  non-empty-list<list<list<Chip>>>  $dishes  the segments of each dish */
    public function of(array $dishes): Seated
    {
        $dishes = array_map(static fn (array $segments): array => array_map(self::understood(...), $segments), $dishes);

        return $this->areApart($dishes) ? $this->apart($dishes) : $this->together($dishes);
    }

    /**
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    private static function understood(array $chips): array
    {
        $kept = [];
        $isAfterComma = false;
        foreach ($chips as $chip) {
            $isAfterComma = $isAfterComma || $chip->isAfterComma;
            if (! in_array($chip->kind, [ChipKind::Filler, ChipKind::Unknown], true)) {
                $kept[] = $isAfterComma ? $chip->inOwnBreath() : $chip;
                $isAfterComma = false;
            }
        }

        return $kept;
    }

    /**
     * Two T-bones and one rump are three people's; two meats for four are one table's.
     *
     * @param  non-empty-list<list<list<Chip>>>  $dishes
     */
    private function areApart(array $dishes): bool
    {
        $tables = self::said(array_map(self::tableOf(...), $dishes));
        $heads = self::said(array_map($this->ownHeads(...), $dishes));
        if (count($dishes) === 1) {
            return false;
        }
        if (count($tables) === 1) {
            return count($heads) === count($dishes) && array_sum($heads) === $tables[0];
        }

        return count($tables) + count($heads) > 1;
    }

    /**
     * One table eats of every dish.
     *
     * @param  non-empty-list<list<list<Chip>>>  $dishes
     */
    private function together(array $dishes): Seated
    {
        $all = array_map(Dishes::chips(...), $dishes);
        $tables = self::said(array_map(self::tableOf(...), $dishes));
        $own = self::said(array_map($this->ownHeads(...), $dishes));
        $heads = $tables === [] ? $own[0] ?? null : max($tables);
        $company = Company::of(array_merge(...$all), $heads, $tables === []);
        $beside = array_filter(array_merge(...$dishes), static fn (array $segment): bool => ! Dishes::bears($segment));
        $ofTable = Company::marks(array_merge([], ...$beside))->everyone->doneness;
        $eaten = array_map(
            static fn (array $dish): array => array_filter($company->groups, static fn (Guests $group): bool => self::eats($group, $dish)),
            $all,
        );
        $seated = [];
        foreach ($all as $i => $dish) {
            $ofDish = Company::marks($dish);
            $diners = [];
            foreach ($eaten[$i] as $of => $group) {
                $isSaidElsewhere = $group->from !== null && self::isInMeatOfAnother($group->from, $i, $dishes);
                $group = ($isSaidElsewhere ? $group->done(null) : $group)->orDone($ofDish->everyone->doneness ?? $ofTable);
                $of = count(array_filter($eaten, static fn (array $groups): bool => isset($groups[$of])));
                $diners[] = [$group, $of + self::beside($dish)];
            }
            $isForOthers = array_filter($dish, static fn (Chip $chip): bool => $chip->kind === ChipKind::Others) !== [];
            $ofDishes = max(1, ...array_column($diners, 1));
            $groups = self::recalling(array_column($diners, 0), $isForOthers ? [] : $this->known, $company->everyone->diets);
            $seated[] = self::seats(
                array_map(
                    static fn (Guests $group, int $i): array => $group->written($diners[$i][1] ?? $ofDishes),
                    $groups,
                    array_keys($groups),
                ),
                $company->everyone->diets,
            );
        }

        return new Seated(array_map(static fn (Guests $group): array => $group->written(1), $company->groups), $seated);
    }

    /**
     * Each dish has people of its own; what is said of somebody in a breath without meat may be of any of them.
     *
     * @param  non-empty-list<list<list<Chip>>>  $dishes
     */
    private function apart(array $dishes): Seated
    {
        $isOfTable = self::isOfTable(...);
        $loose = Company::marks(array_merge([], ...array_filter(array_merge(...$dishes), $isOfTable)));
        $table = $seated = [];
        foreach ($dishes as $segments) {
            $segments = array_values(array_filter($segments, static fn (array $segment): bool => ! $isOfTable($segment)));
            $said = self::tableOf($segments);
            $company = Company::of(Dishes::chips($segments), $said ?? $this->ownHeads($segments), $said === null);
            $groups = array_map(
                static fn (Guests $group): Guests => $group->orDone($company->everyone->doneness)->like($loose->everyone),
                $company->groups,
            );
            foreach ($loose->groups as $mark) {
                $groups = self::marked($groups, $mark);
            }
            $groups = self::recalling($groups, $this->known, [...$company->everyone->diets, ...$loose->everyone->diets]);
            $ofDishes = 1 + self::beside(Dishes::chips($segments));
            $diners = array_map(static fn (Guests $group): array => $group->written($ofDishes), $groups);
            $table = [...$table, ...$diners];
            $seated[] = self::seats($diners, $company->everyone->onDiets($loose->everyone->diets)->diets);
        }

        return new Seated($table, $seated);
    }

    /**
     * @param  list<array<string, mixed>>  $diners
     * @param  list<string>  $diets
     * @return array{diners: list<array<string, mixed>>, diets?: list<string>}
     */
    private static function seats(array $diners, array $diets): array
    {
        return ['diners' => $diners, ...$diets === [] ? [] : ['diets' => $diets]];
    }

    /**
     * Who was at the table for another dish is there for this one.
     *
     * @param  list<Guests>  $groups
     * @param  list<Guests>  $known
     * @param  list<string>  $common  diets of all of them
     * @return list<Guests>
     */
    public static function recalling(array $groups, array $known, array $common): array
    {
        foreach ($known as $guests) {
            $guests = $guests->withoutDiets($common);
            $covered = array_filter($groups, static fn (Guests $group): bool => $group->covers($guests));
            $missing = $guests->count - array_sum(array_map(static fn (Guests $group): int => $group->count, $covered));
            if (! $guests->isPlain() && $missing > 0) {
                $groups = self::marked($groups, $guests->counting($missing)->done(null));
            }
        }

        return $groups;
    }

    /**
     * One of these is such a person, and nobody said which: of those of whom the least is known.
     *
     * @param  list<Guests>  $groups
     * @return list<Guests>
     */
    private static function marked(array $groups, Guests $mark): array
    {
        $left = $mark->count;
        usort($groups, static fn (Guests $a, Guests $b): int => $b->isPlain() <=> $a->isPlain());
        $marked = [];
        foreach ($groups as $i => $group) {
            $count = min($left, $group->count);
            if ($count > 0) {
                $marked[] = $group->markedAs($mark, $count);
                $groups[$i] = $group->counting($group->count - $count);
                $left -= $count;
            }
        }

        return [...array_values(array_filter($groups, static fn (Guests $group): bool => $group->count > 0)), ...$marked];
    }

    /** @param  list<Chip>  $dish */
    private static function eats(Guests $group, array $dish): bool
    {
        $isForOthers = array_filter($dish, static fn (Chip $chip): bool => $chip->kind === ChipKind::Others) !== [];

        return ! $isForOthers || $group->isPlain();
    }

    /** @param  list<Chip>  $segment */
    private static function isOfTable(array $segment): bool
    {
        $isOfPerson = static fn (Chip $chip): bool => $chip->kind->isOfPerson() || $chip->countsChildren();

        return ! Dishes::bears($segment) && array_filter($segment, $isOfPerson) !== [] && self::tableOf([$segment]) === null;
    }

    /**
     * Whether who was counted there stands beside the meat of another dish.
     *
     * @param  list<list<list<Chip>>>  $dishes
     */
    private static function isInMeatOfAnother(int $from, int $dish, array $dishes): bool
    {
        unset($dishes[$dish]);
        foreach (array_merge([], ...$dishes) as $segment) {
            if (Dishes::bears($segment) && in_array($from, array_map(static fn (Chip $chip): int => $chip->from, $segment), true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * So many people's this dish is: the number before its meat, its pieces, or those who are counted beside it.
     *
     * @param  list<list<Chip>>  $segments
     */
    private function ownHeads(array $segments): ?int
    {
        $beside = Dishes::chips(array_values(array_filter($segments, Dishes::bears(...))));
        $counts = array_merge([], ...array_map(self::beforeMeat(...), $segments));
        $pieces = $this->headsOf(Dishes::chips($segments));
        $leads = array_filter($beside, static fn (Chip $chip): bool => $chip->kind === ChipKind::Lead && ! $chip->countsChildren());

        return match (true) {
            $counts !== [] => (int) $counts[0]->value,
            $pieces !== null => $pieces,
            $leads !== [] => array_sum(array_map(static fn (Chip $chip): int => (int) $chip->value, $leads)),
            default => null,
        };
    }

    /**
     * A bare number before a meat counts who eats of that.
     *
     * @param  list<Chip>  $segment
     * @return list<Chip>
     */
    private static function beforeMeat(array $segment): array
    {
        $counts = [];
        foreach ($segment as $i => $chip) {
            if ($chip->kind === ChipKind::Count && ! str_contains($chip->text, ' ') && Dishes::bears(array_slice($segment, $i))) {
                $counts[] = $chip;
            }
        }

        return $counts;
    }

    /**
     * How many sit at the table, where that was said.
     *
     * @param  list<list<Chip>>  $segments  of one dish
     */
    private static function tableOf(array $segments): ?int
    {
        $heads = [];
        foreach ($segments as $segment) {
            $own = self::beforeMeat($segment);
            foreach ($segment as $chip) {
                $heads = $chip->kind === ChipKind::Count && ! in_array($chip, $own, true) ? [...$heads, (int) $chip->value] : $heads;
            }
        }

        return $heads === [] ? null : max($heads);
    }

    /** @param  list<Chip>  $chips */
    private static function beside(array $chips): int
    {
        foreach ($chips as $chip) {
            if ($chip->kind === ChipKind::Beside) {
                return (int) $chip->value;
            }
        }

        return 0;
    }

    /**
     * Where only pieces were counted.
     *
     * @param  list<Chip>  $said
     */
    private function headsOf(array $said): ?int
    {
        $pieces = WishDraft::pieces($said)['pieces'] ?? null;
        $meats = array_values(array_filter($said, static fn (Chip $chip): bool => $chip->kind->isMeat()));
        $counted = array_values(array_filter($meats, $this->roles->isOneEach(...)))[0] ?? $meats[0] ?? null;

        return ! is_int($pieces) || $counted === null ? null : $this->roles->heads($counted, $pieces);
    }

    /**
     * @param  list<int|null>  $heads
     * @return list<int>
     */
    private static function said(array $heads): array
    {
        return array_values(array_filter($heads, static fn (?int $of): bool => $of !== null));
    }
}
