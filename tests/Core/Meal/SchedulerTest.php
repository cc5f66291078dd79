<?php

declare(strict_types=1);

namespace Tests\Core\Meal;

use Nessmark\Meal\Schedule;
use Nessmark\Meal\Scheduler;
use Nessmark\Meal\Station;
use Nessmark\Meal\Stations;
use Nessmark\Meal\Task;
use Nessmark\Say\Phrase;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** One clock for a meal. */
final class SchedulerTest extends TestCase
{
    private const STATIONS = [Station::Hands, Station::Oven, Station::Burner, Station::Grill];

    public function test_no_other_order_begins_later_and_what_cannot_be_is_told(): void
    {
        $chance = new Randomizer(new Mt19937(21));
        $impossible = 0;
        for ($i = 0; $i < 500; $i++) {
            $tasks = self::tasks($chance, $chance->getInt(2, 4), 4);
            $stations = new Stations($chance->getInt(1, 2), 1, 2, 1);
            $within = $chance->getInt(0, 2) === 0 ? $chance->getInt(2, 9) : null;
            $schedule = (new Scheduler($stations))->schedule($tasks, [], $within);
            $least = self::exhausted($tasks, $stations, $within ?? 17);
            $impossible += $least === null ? 1 : 0;
            $length = $schedule === null || ($within === null && $schedule->lengthMin > 17) ? null : $schedule->lengthMin;
            self::assertSame($least[0] ?? null, $length, (string) json_encode([$tasks, $stations, $within]));
            if ($schedule !== null && $least !== null) {
                self::assertSame($least[1], array_sum($schedule->endsBefore), 'and all of it as late as can be');
                self::assertTrue($schedule->isExact);
            }
        }
        self::assertGreaterThan(40, $impossible);
    }

    public function test_ten_thousand_meals_have_no_one_at_two_things_and_keep_every_gap(): void
    {
        $chance = new Randomizer(new Mt19937(22));
        for ($i = 0; $i < 10_000; $i++) {
            $tasks = self::tasks($chance, $chance->getInt(2, 9), 40);
            $stations = new Stations($chance->getInt(1, 2), $chance->getInt(1, 4), $chance->getInt(1, 3), $chance->getInt(1, 2));
            $schedule = (new Scheduler($stations))->schedule($tasks);
            if ($schedule !== null) {
                self::assertNull(self::broken($tasks, $stations, $schedule), "meal {$i}");
            }
        }
    }

    public function test_what_has_begun_is_not_moved(): void
    {
        $task = static fn (string $id, int $minutes, ?string $then, int $most): Task => new Task(
            $id,
            'A',
            new Phrase('x'),
            $minutes,
            [Station::Hands],
            null,
            $then,
            0,
            $most,
        );
        $tasks = [$task('roast', 60, 'carve', 20), $task('carve', 5, null, 5), $task('salad', 10, null, 100)];
        $pinned = (new Scheduler(new Stations()))->schedule($tasks, ['roast' => 12], 90);

        self::assertSame(12, $pinned?->endsBefore['roast']);
        self::assertSame(0, $pinned->endsBefore['carve']);
        self::assertNull((new Scheduler(new Stations()))->schedule($tasks, ['roast' => 40]), 'it would wait longer than it can');
        self::assertNull(
            (new Scheduler(new Stations()))->schedule($tasks, [], 70),
            'seventy minutes are too few for seventy-five of work',
        );
    }

    /** @param  list<Task>  $tasks */
    private static function broken(array $tasks, Stations $stations, Schedule $schedule): ?string
    {
        $byId = array_column($tasks, null, 'id');
        foreach ($tasks as $task) {
            $next = $task->then === null ? null : $byId[$task->then];
            $gap = $schedule->endsBefore[$task->id] - ($next === null ? 0 : $schedule->endsBefore[$next->id] + $next->minutes);
            if ($gap < $task->leastGap || $gap > $task->mostGap) {
                return "{$task->id} waits {$gap} min";
            }
        }
        for ($minute = 0; $minute < $schedule->lengthMin; $minute++) {
            foreach (Station::cases() as $station) {
                $busy = array_values(
                    array_filter(
                        $tasks,
                        static fn (Task $task): bool => in_array($station, $task->uses, true) &&
                            $schedule->endsBefore[$task->id] <= $minute &&
                            $minute < $schedule->endsBefore[$task->id] + $task->minutes,
                    ),
                );
                $kept = $station === Station::Hands
                    ? array_unique(array_map(static fn (Task $task): string => $task->keeps(), $busy))
                    : $busy;
                if (count($kept) > $stations->of($station)) {
                    return "{$station->value} at {$minute}";
                }
                foreach ($busy as $one) {
                    foreach ($busy as $other) {
                        if (! Stations::agree($one, $other)) {
                            return "{$one->id} and {$other->id} at one heat";
                        }
                    }
                }
            }
        }

        return null;
    }

    /**
     * Every place of every task.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $ends
     * @return array{int, int}|null length and sum
     */
    private static function exhausted(array $tasks, Stations $stations, int $horizon, array $ends = []): ?array
    {
        if (count($ends) === count($tasks)) {
            $length = max(array_map(static fn (Task $task): int => $ends[$task->id] + $task->minutes, $tasks));

            return self::broken($tasks, $stations, new Schedule($ends, $length, true, [])) === null
                ? [$length, array_sum($ends)]
                : null;
        }
        $task = $tasks[count($tasks) - 1 - count($ends)]; // what is eaten first: what comes before it has a place of its own then
        [$from, $to] = [0, $horizon - $task->minutes];
        if ($task->then !== null) {
            $next = array_column($tasks, null, 'id')[$task->then];
            $from = $ends[$next->id] + $next->minutes + $task->leastGap;
            $to = min($to, $ends[$next->id] + $next->minutes + $task->mostGap);
        } else {
            [$from, $to] = [$task->leastGap, min($to, $task->mostGap)];
        }
        $best = null;
        for ($end = $from; $end <= $to; $end++) {
            $found = self::exhausted($tasks, $stations, $horizon, [...$ends, $task->id => $end]);
            $best = $found !== null && ($best === null || $found < $best) ? $found : $best;
        }

        return $best;
    }

    /** @return list<Task> chains of up to three, what is eaten last of each */
    private static function tasks(Randomizer $chance, int $count, int $longest): array
    {
        $tasks = [];
        while (count($tasks) < $count) {
            $then = null;
            $chain = [];
            for ($n = min($count - count($tasks), $chance->getInt(1, 3)); $n > 0; $n--) {
                $id = 't'.count($tasks).'-'.$n;
                $uses = array_values(
                    array_filter(self::STATIONS, static fn (): bool => $chance->getInt(0, 1) === 1),
                );
                $heatC = in_array(Station::Oven, $uses, true) ? 100.0 + 40.0 * $chance->getInt(0, 2) : null;
                $least = $chance->getInt(0, 1) * $chance->getInt(0, 2);
                $chain[] = new Task(
                    $id,
                    'A',
                    new Phrase('x'),
                    $chance->getInt(1, $longest),
                    $uses,
                    $heatC,
                    $then,
                    $least,
                    $least + $chance->getInt(0, 5),
                );
                $then = $id;
            }
            $tasks = [...$tasks, ...array_reverse($chain)];
        }

        return $tasks;
    }
}
