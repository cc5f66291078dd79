<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/**
 * Makes everything ready for one moment, begun as late as can be. Seen backwards from the eating, each task has an earliest place; where
 * two or more want more of a station than there is, one of them has to go before another. Branch and bound over who: each branch is a
 * system of differences, whose least solution is the best there is under it (longest paths, Bellman 1958), so what is left when no branch
 * can be better is exact. After so many branches the best so far is taken, always in the same order.
 */
final class Scheduler
{
    /** For a dozen tasks the search ends long before. */
    private const MOST_BRANCHES = 4_000;

    /** @var array<string, int> places of the ids */
    private array $at = [];

    /** @var list<Task> */
    private array $tasks = [];

    /** @var array<int, int> least and most min from the end of each to the eating */
    private array $least = [];

    /** @var array<int, int> */
    private array $most = [];

    /** @var list<array{int, int, int}> the second ends so many min before the first, backwards */
    private array $arcs = [];

    private int $branches = 0;

    /** @var array{int, int, list<int>, list<array{int, int, int}>}|null length, sum, places, arcs */
    private ?array $best = null;

    public function __construct(private readonly Stations $stations) {}

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $pinned  min from the end of a task to the eating, for what has begun already
     * @param  int|null  $within  min from now to the eating; null where there is time
     * @return Schedule|null null where it cannot be
     */
    public function schedule(array $tasks, array $pinned = [], ?int $within = null): ?Schedule
    {
        $this->lay($tasks, $pinned, $within);
        $this->branch($this->arcs);
        if ($this->best === null) {
            return null;
        }
        [$length, , $places, $arcs] = $this->best;
        $ends = [];
        foreach ($this->tasks as $i => $task) {
            $ends[$task->id] = $places[$i];
        }

        return new Schedule($ends, $length, $this->branches < self::MOST_BRANCHES, $this->hangsOn($places, $arcs));
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $pinned
     */
    private function lay(array $tasks, array $pinned, ?int $within): void
    {
        $this->tasks = $tasks;
        $this->at = array_flip(array_map(static fn (Task $task): string => $task->id, $tasks));
        [$this->least, $this->most, $this->arcs, $this->best, $this->branches] = [[], [], [], null, 0];
        foreach ($tasks as $i => $task) {
            $isPinned = isset($pinned[$task->id]);
            $this->least[$i] = $isPinned ? $pinned[$task->id] : ($task->then === null ? $task->leastGap : 0);
            $longest = $task->then === null ? $task->mostGap : PHP_INT_MAX;
            $this->most[$i] = min(
                $longest,
                $isPinned ? $pinned[$task->id] : ($within === null ? PHP_INT_MAX : $within - $task->minutes),
            );
            $next = $task->then === null ? null : $this->at[$task->then] ?? null;
            if ($next !== null) {
                $this->arcs[] = [$next, $i, $tasks[$next]->minutes + $task->leastGap];
                $this->arcs[] = [$i, $next, -$tasks[$next]->minutes - $task->mostGap];
            }
        }
    }

    /** @param  list<array{int, int, int}>  $arcs */
    private function branch(array $arcs): void
    {
        if ($this->branches >= self::MOST_BRANCHES) {
            return;
        }
        $this->branches++;
        $places = $this->earliest($arcs);
        if ($places === null) {
            return;
        }
        [$length, $sum] = $this->cost($places);
        if ($this->best !== null && [$length, $sum] >= [$this->best[0], $this->best[1]]) {
            return;
        }
        $clash = $this->clash($places);
        if ($clash === []) {
            $this->best = [$length, $sum, $places, $arcs];

            return;
        }
        $children = [];
        foreach ($clash as $i) {
            foreach ($clash as $j) {
                if ($i !== $j) {
                    $child = [...$arcs, [$i, $j, $this->tasks[$i]->minutes]];
                    $childPlaces = $this->earliest($child);
                    $children[] = $childPlaces === null ? null : [$this->cost($childPlaces), $i, $j, $child];
                }
            }
        }
        $children = array_filter($children);
        usort($children, static fn (array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);
        foreach ($children as [, , , $child]) {
            $this->branch($child);
        }
    }

    /**
     * Least solution of all differences; null where they contradict each other.
     *
     * @param  list<array{int, int, int}>  $arcs
     * @return list<int>|null
     */
    private function earliest(array $arcs): ?array
    {
        $places = $this->least;
        for ($round = count($places); $round >= 0; $round--) {
            $isMoved = false;
            foreach ($arcs as [$from, $to, $min]) {
                if ($places[$to] < $places[$from] + $min) {
                    $places[$to] = $places[$from] + $min;
                    if ($places[$to] > $this->most[$to]) {
                        return null;
                    }
                    $isMoved = true;
                }
            }
            if (! $isMoved) {
                foreach ($places as $i => $place) {
                    if ($place > $this->most[$i]) {
                        return null;
                    }
                }

                return array_values($places);
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $places
     * @return array{int, int} how long before the eating the first is begun, and all of it together
     */
    private function cost(array $places): array
    {
        $length = 0;
        foreach ($this->tasks as $i => $task) {
            $length = max($length, $places[$i] + $task->minutes);
        }

        return [$length, array_sum($places)];
    }

    /**
     * @param  list<int>  $places
     * @return list<int> tasks of which not all can be at once, the first that clash seen backwards; none where all is well
     */
    private function clash(array $places): array
    {
        $order = array_keys($places);
        usort($order, static fn (int $a, int $b): int => [$places[$a], $a] <=> [$places[$b], $b]);
        foreach ($order as $i) {
            if ($this->tasks[$i]->minutes === 0) {
                continue;
            }
            foreach ($this->tasks[$i]->uses as $station) {
                $busy = [];
                foreach ($order as $j) {
                    $isThere = $places[$j] <= $places[$i] && $places[$i] < $places[$j] + $this->tasks[$j]->minutes;
                    if ($isThere && in_array($station, $this->tasks[$j]->uses, true)) {
                        if ($j !== $i && ! Stations::agree($this->tasks[$i], $this->tasks[$j])) {
                            return [$i, $j];
                        }
                        $busy[$station === Station::Hands ? $this->tasks[$j]->keeps() : $j] = $j;
                    }
                }
                if (count($busy) > $this->stations->of($station)) {
                    return array_slice(array_values($busy), 0, $this->stations->of($station) + 1);
                }
            }
        }

        return [];
    }

    /**
     * From whatever is begun first, along differences that leave no minute, to the eating.
     *
     * @param  list<int>  $places
     * @param  list<array{int, int, int}>  $arcs
     * @return list<string>
     */
    private function hangsOn(array $places, array $arcs): array
    {
        $at = null;
        foreach ($this->tasks as $i => $task) {
            if ($at === null || $places[$i] + $task->minutes > $places[$at] + $this->tasks[$at]->minutes) {
                $at = $i;
            }
        }
        $ids = [];
        while ($at !== null && ! in_array($this->tasks[$at]->id, $ids, true)) {
            $ids[] = $this->tasks[$at]->id;
            $next = null;
            foreach ($arcs as [$from, $to, $min]) {
                $next = $to === $at && $min > 0 && $places[$to] === $places[$from] + $min ? $from : $next;
            }
            $at = $next;
        }

        return $ids;
    }
}
