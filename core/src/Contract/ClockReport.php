<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Advice\Pieces;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Meal\FireOut;
use Nessmark\Meal\MealTasks;
use Nessmark\Meal\Schedule;
use Nessmark\Meal\Scheduler;
use Nessmark\Meal\Side;
use Nessmark\Meal\Sides;
use Nessmark\Meal\Station;
use Nessmark\Meal\Stations;
use Nessmark\Meal\Task;
use Nessmark\Quantity\Moments;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Ticket;

/** A meal on one clock: everything ready together, backwards from the eating; or why not, and what would do. */
final readonly class ClockReport
{
    public const MOST_SIDES = 8;

    private const MOST_DISHES = 4;

    /** That can go out. */
    private const FIRES = ['burner', 'oven', 'grill'];

    public function __construct(private Sides $sides) {}

    /**
     * @return non-empty-list<mixed> each in the form of AskReader
     *
     * @throws InputRefused if there is none, or more than fit on a clock
     */
    public static function asks(mixed $data): array
    {
        $asks = is_array($data) ? $data['asks'] ?? null : null;

        return is_array($asks) && array_is_list($asks) && $asks !== [] && count($asks) <= self::MOST_DISHES
            ? $asks
            : throw InputRefused::one('asks', 'out_of_range', $asks, 'list', ['min' => 1, 'max' => self::MOST_DISHES]);
    }

    /**
     * @param  mixed  $data  sides, eat_at, now, cooks, burners, shelves, grill_places, out (burner, oven, grill: whose fire has gone
     *     out); begun and held: from_at by the id of a task, as it was begun, or as somebody wants it
     *
     * @throws InputRefused naming every key that is wrong
     */
    public function read(mixed $data, HouseRules $house): ClockAsked
    {
        $in = Fields::of($data);
        $in->peek('asks');
        [$now, $eatAt] = Hours::read($in, $house);
        $sides = [];
        foreach ($in->has('sides') ? $in->texts('sides', self::MOST_SIDES) : [] as $i => $slug) {
            $side = $this->sides->side($slug);
            if ($side === null) {
                $in->refuse("sides.{$i}", 'not_allowed', $slug, 'side');
            } else {
                $sides[] = $side;
            }
        }
        $many = static fn (string $key, int $usual, int $least = 0): int => $in->has($key) ? $in->wholeNumber($key, $least, 8) : $usual;
        $stations = new Stations($many('cooks', 1, 1), $many('burners', 4), $many('shelves', 2), $many('grill_places', 2));
        [$held, $begun] = [self::moments($in, 'held'), self::moments($in, 'begun')];
        $out = array_map(Station::from(...), $in->has('out') ? $in->choices('out', self::FIRES) : []);
        $in->noOthers();
        foreach (['eat_at' => $eatAt, 'now' => $now] as $key => $moment) {
            if ($moment === null && ! $in->isWrong()) {
                $in->refuse($key, 'missing', null, 'moment');
            }
        }
        $in->refuseIfWrong();
        if ($eatAt === null || $now === null) {
            throw InputRefused::one('eat_at', 'missing', null, 'moment');
        }

        return new ClockAsked($sides, $house->local($now), $house->local($eatAt), $stations, $out, $begun, $held);
    }

    /** @return array<string, DateTimeImmutable> by the id of a task */
    private static function moments(Fields $in, string $key): array
    {
        if (! $in->has($key)) {
            return [];
        }
        $given = $in->object($key);
        $moments = [];
        foreach (array_keys($in->raw($key)) as $id) {
            $moments[$id] = $given->moment($id);
        }
        $given->noOthers();

        return array_filter($moments);
    }

    /**
     * @param  list<string>  $avoid  what somebody of the table goes without
     * @return array<string, mixed>
     *
     * @throws InputRefused if a task that was begun is none of this meal's
     */
    public function of(Ticket $ticket, ClockAsked $asked, array $avoid): array
    {
        [$now, $eatAt, $stations, $held] = [$asked->now, $asked->eatAt, $asked->stations->without($asked->out), $asked->held];
        $tasks = [];
        $letter = 0;
        foreach ($ticket->dishes as $dish) {
            $tasks = [...$tasks, ...MealTasks::ofDish($dish, Pieces::MARKS[$letter++])];
        }
        foreach ($asked->sides as $side) {
            $tasks = [...$tasks, ...MealTasks::ofSide($side, Pieces::MARKS[$letter++])];
        }
        $begun = self::ofThisMeal($asked->begun, $tasks);
        $fire = FireOut::of($tasks, $asked->out, $stations, self::over($tasks, $begun, $now));
        $tasks = $fire->tasks;
        $within = intdiv($eatAt->getTimestamp() - $now->getTimestamp(), 60);
        $done = self::pinned($tasks, $begun, $eatAt);
        $pinned = [...self::pinned($tasks, $held, $eatAt), ...$done];
        $scheduler = new Scheduler($stations);
        $schedule = $scheduler->schedule($tasks, $pinned, $within);
        // What cannot be held by hand gives way; the meal does not move for it.
        $instead = $schedule === null && $held !== [] ? $scheduler->schedule($tasks, $done, $within) : null;
        $waiting = [];
        if ($schedule === null && $instead === null && $begun !== []) {
            // What is done is done: it waits, and is never begun anew.
            [$instead, $waiting] = self::keeping($scheduler, $tasks, $begun, $eatAt, $within);
        }
        $free = $schedule ?? $instead ?? $scheduler->schedule(self::unbegun($tasks, $begun), []);
        $readyAt = $schedule !== null || $instead !== null || $free === null ? null : Moments::after($now, 60.0 * $free->lengthMin);

        return [
            'fits' => $schedule !== null,
            'is_exact' => $free !== null && $free->isExact,
            'eat_at' => $eatAt->format(DATE_ATOM),
            'begins_at' => $schedule === null ? null : self::before($eatAt, $schedule->lengthMin),
            'spare_min' => $schedule === null ? null : $within - $schedule->lengthMin,
            'ready_at' => $readyAt?->format(DATE_ATOM),
            'cannot_hold' => $instead !== null && $waiting === [] ? array_keys($held) : [],
            'waits' => $waiting,
            'fire_out' => array_map(static fn (Phrase $says): array => $says->toArray(), $fire->says),
            'helps' => $schedule !== null || $instead !== null ? [] : self::helps($tasks, $pinned, $stations, $within),
            'without' => $schedule !== null || $instead !== null ? [] : self::without($tasks, $pinned, $stations, $within),
            'tasks' => $free === null ? [] : self::rows(self::planned($tasks, $free), $free, $readyAt ?? $eatAt),
            'sides' => array_map(
                fn (Side $side): array => [
                    'slug' => $side->slug,
                    'name' => $side->name,
                    'serves' => $side->serves,
                    'foods' => array_column($side->foods, 'slug'),
                    'allergens' => $side->allergens(),
                    'may_contain' => $side->mayContain(),
                    'not_for' => $this->sides->notFor($side, $avoid),
                ],
                $asked->sides,
            ),
        ];
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, DateTimeImmutable>  $begun
     * @return list<string> ids of those that are done by now
     */
    private static function over(array $tasks, array $begun, DateTimeImmutable $now): array
    {
        $isOver = static fn (Task $task): bool => isset($begun[$task->id]) &&
            Moments::after($begun[$task->id], 60.0 * $task->minutes) <= $now;

        return array_column(array_filter($tasks, $isOver), 'id');
    }

    /**
     * What is made ahead may be left out once there is no time for it: that it was begun is then no part of the plan.
     *
     * @param  array<string, DateTimeImmutable>  $begun
     * @param  list<Task>  $tasks
     * @return array<string, DateTimeImmutable>
     *
     * @throws InputRefused if one is none of this meal's
     */
    private static function ofThisMeal(array $begun, array $tasks): array
    {
        $known = array_column($tasks, 'dish', 'id');
        foreach (array_keys($begun) as $id) {
            $isAhead = preg_match('/^([A-Z])-ahead-\d+$/', $id, $found) === 1 && in_array($found[1], $known, true);
            if (! isset($known[$id]) && ! $isAhead) {
                throw InputRefused::one("begun.{$id}", 'not_allowed', $id, 'task');
            }
        }

        return array_intersect_key($begun, $known);
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, DateTimeImmutable>  $moments  when each begins
     * @return array<string, int> minutes before the meal at which each ends
     */
    private static function pinned(array $tasks, array $moments, DateTimeImmutable $eatAt): array
    {
        $pinned = [];
        foreach ($tasks as $task) {
            if (isset($moments[$task->id])) {
                $pinned[$task->id] = intdiv($eatAt->getTimestamp() - $moments[$task->id]->getTimestamp(), 60) - $task->minutes;
            }
        }

        return $pinned;
    }

    /**
     * Guests are late, or a fire was lit early: what was begun stands longer than it should before what comes next, which is said.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, DateTimeImmutable>  $begun
     * @return array{Schedule|null, list<string>} the plan, and the tasks whose result waits
     */
    private static function keeping(Scheduler $scheduler, array $tasks, array $begun, DateTimeImmutable $eatAt, int $within): array
    {
        $patient = array_map(static fn (Task $task): Task => isset($begun[$task->id]) ? $task->waiting($within) : $task, $tasks);
        $plan = $scheduler->schedule($patient, self::pinned($patient, $begun, $eatAt), $within);

        return [$plan, $plan === null ? [] : array_keys($begun)];
    }

    /**
     * What has been begun is not planned again.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, DateTimeImmutable>  $begun
     * @return list<Task>
     */
    private static function unbegun(array $tasks, array $begun): array
    {
        return array_values(array_filter($tasks, static fn (Task $task): bool => ! isset($begun[$task->id])));
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<Task> those of this plan
     */
    private static function planned(array $tasks, Schedule $schedule): array
    {
        return array_values(array_filter($tasks, static fn (Task $task): bool => isset($schedule->endsBefore[$task->id])));
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<array<string, mixed>> in the order they begin
     */
    private static function rows(array $tasks, Schedule $schedule, DateTimeImmutable $eatAt): array
    {
        $byId = array_column($tasks, null, 'id');
        $rows = [];
        foreach ($tasks as $task) {
            $ends = $schedule->endsBefore[$task->id];
            $next = $task->then === null ? null : $byId[$task->then] ?? null;
            $rows[] = [
                'id' => $task->id,
                'begins_before_min' => $ends + $task->minutes,
                'dish' => $task->dish,
                'what' => $task->what->toArray(),
                'stations' => array_map(static fn (Station $station): string => $station->value, $task->uses),
                'from_at' => self::before($eatAt, $ends + $task->minutes),
                'to_at' => self::before($eatAt, $ends),
                'minutes' => $task->minutes,
                'waits_min' => $ends - ($next === null ? 0 : $schedule->endsBefore[$next->id] + $next->minutes),
                'hangs' => in_array($task->id, $schedule->hangsOn, true),
            ];
        }
        // by the moment, not by its text: a night of changed clocks has one hour twice
        usort($rows, static fn (array $a, array $b): int => [$b['begins_before_min'], $a['id']] <=> [$a['begins_before_min'], $b['id']]);
        $lit = [];
        foreach ($rows as $i => $row) {
            $fire = str_ends_with($row['id'], '-fire') ? $row['what']['key'] : null;
            if ($fire !== null && isset($lit[$fire])) {
                unset($rows[$i]); // one fire is lit once, for whatever goes on first
            }
            $lit[$fire ?? ''] = true;
        }

        return array_map(static fn (array $row): array => array_diff_key($row, ['begins_before_min' => 0]), array_values($rows));
    }

    /**
     * What would make it fit, each by itself.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $pinned
     * @return list<string>
     */
    private static function helps(array $tasks, array $pinned, Stations $has, int $within): array
    {
        $more = [
            'cook' => new Stations($has->cooks + 1, $has->burners, $has->shelves, $has->grillPlaces),
            'burner' => new Stations($has->cooks, $has->burners + 1, $has->shelves, $has->grillPlaces),
            'shelf' => new Stations($has->cooks, $has->burners, $has->shelves + 1, $has->grillPlaces),
            'grill' => new Stations($has->cooks, $has->burners, $has->shelves, $has->grillPlaces + 1),
        ];

        return array_keys(
            array_filter(
                $more,
                static fn (Stations $stations): bool => (new Scheduler($stations))->schedule($tasks, $pinned, $within) !== null,
            ),
        );
    }

    /**
     * Which dishes, left out, would let the others be ready in time.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $pinned
     * @return list<string> their letters
     */
    private static function without(array $tasks, array $pinned, Stations $stations, int $within): array
    {
        $letters = array_values(array_unique(array_map(static fn (Task $task): string => $task->dish, $tasks)));

        return array_values(
            array_filter($letters, static function (string $letter) use ($tasks, $pinned, $stations, $within): bool {
                $others = array_values(array_filter($tasks, static fn (Task $task): bool => $task->dish !== $letter));

                return $others !== [] && (new Scheduler($stations))->schedule($others, $pinned, $within) !== null;
            }),
        );
    }

    private static function before(DateTimeImmutable $eatAt, int $minutes): string
    {
        return Moments::after($eatAt, -60.0 * $minutes)->format(DATE_ATOM);
    }
}
