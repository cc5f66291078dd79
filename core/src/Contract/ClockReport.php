<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Advice\Pieces;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Meal\MealTasks;
use Nessmark\Meal\Schedule;
use Nessmark\Meal\Scheduler;
use Nessmark\Meal\Side;
use Nessmark\Meal\Sides;
use Nessmark\Meal\Station;
use Nessmark\Meal\Stations;
use Nessmark\Meal\Task;
use Nessmark\Ticket\Ticket;

/** A meal on one clock: everything ready together, backwards from the eating; or why not, and what would do. */
final readonly class ClockReport
{
    public const MOST_SIDES = 8;

    private const MOST_DISHES = 4;

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
     * @param  mixed  $data  sides, eat_at, now, cooks, burners, shelves, grill_places; begun and held: from_at by the id of a task, as
     *     it was begun, or as somebody wants it
     * @return array{list<Side>, DateTimeImmutable, DateTimeImmutable, Stations, array<string, DateTimeImmutable>} the last: pinned
     *
     * @throws InputRefused naming every key that is wrong
     */
    public function read(mixed $data, HouseRules $house): array
    {
        $in = Fields::of($data);
        $in->peek('asks');
        $eatAt = $in->moment('eat_at');
        $now = $in->moment('now');
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
        $stands = [...self::moments($in, 'held'), ...self::moments($in, 'begun')];
        $in->noOthers();
        foreach (['eat_at' => $eatAt, 'now' => $now] as $key => $moment) {
            if ($moment === null && ! $in->isWrong()) {
                $in->refuse($key, 'missing', null, 'moment');
            }
        }
        $in->refuseIfWrong();
        if ($eatAt === null || $now === null || $eatAt <= $now) {
            throw InputRefused::one('eat_at', 'out_of_range', $eatAt?->format(DATE_ATOM), 'after_now', [
                'clock' => $now?->format('H:i') ?? '',
            ]);
        }

        return [$sides, $house->local($now), $house->local($eatAt), $stations, $stands];
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
     * @param  list<Side>  $sides
     * @param  array<string, DateTimeImmutable>  $stands  when a task was begun or is to begin, by its id
     * @return array<string, mixed>
     */
    public function of(
        Ticket $ticket,
        array $sides,
        DateTimeImmutable $now,
        DateTimeImmutable $eatAt,
        Stations $stations,
        array $stands,
    ): array {
        $tasks = [];
        $letter = 0;
        foreach ($ticket->dishes as $dish) {
            $tasks = [...$tasks, ...MealTasks::ofDish($dish, Pieces::MARKS[$letter++])];
        }
        foreach ($sides as $side) {
            $tasks = [...$tasks, ...MealTasks::ofSide($side, Pieces::MARKS[$letter++])];
        }
        $within = intdiv($eatAt->getTimestamp() - $now->getTimestamp(), 60);
        $pinned = [];
        foreach ($tasks as $task) {
            if (isset($stands[$task->id])) {
                $pinned[$task->id] = intdiv($eatAt->getTimestamp() - $stands[$task->id]->getTimestamp(), 60) - $task->minutes;
            }
        }
        $schedule = (new Scheduler($stations))->schedule($tasks, $pinned, $within);
        $free = $schedule ?? (new Scheduler($stations))->schedule($tasks, []);

        return [
            'fits' => $schedule !== null,
            'is_exact' => $free !== null && $free->isExact,
            'eat_at' => $eatAt->format(DATE_ATOM),
            'begins_at' => $schedule === null ? null : self::before($eatAt, $schedule->lengthMin),
            'spare_min' => $schedule === null ? null : $within - $schedule->lengthMin,
            'ready_at' => $schedule !== null || $free === null ? null : $now->modify("+{$free->lengthMin} minutes")->format(DATE_ATOM),
            'helps' => $schedule !== null ? [] : self::helps($tasks, $pinned, $stations, $within),
            'without' => $schedule !== null ? [] : self::without($tasks, $pinned, $stations, $within),
            'tasks' => $free === null
                    ? []
                    : self::rows($tasks, $free, $schedule === null ? $now->modify("+{$free->lengthMin} minutes") : $eatAt),
            'sides' => array_map(
                static fn (Side $side): array => [
                    'slug' => $side->slug,
                    'name' => $side->name,
                    'serves' => $side->serves,
                    'allergens' => $side->allergens,
                ],
                $sides,
            ),
        ];
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
            $next = $task->then === null ? null : $byId[$task->then];
            $rows[] = [
                'id' => $task->id,
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
        usort($rows, static fn (array $a, array $b): int => [$a['from_at'], $a['id']] <=> [$b['from_at'], $b['id']]);
        $lit = [];
        foreach ($rows as $i => $row) {
            $fire = str_ends_with($row['id'], '-fire') ? $row['what']['key'] : null;
            if ($fire !== null && isset($lit[$fire])) {
                unset($rows[$i]); // one fire is lit once, for whatever goes on first
            }
            $lit[$fire ?? ''] = true;
        }

        return array_values($rows);
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
        return $eatAt->setTimestamp($eatAt->getTimestamp() - 60 * $minutes)->format(DATE_ATOM);
    }
}
