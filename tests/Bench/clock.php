<?php

// What the meal clock takes: twelve tasks of four dishes in the usual kitchen, for one cook. Prints JSON.

declare(strict_types=1);

use Nessmark\Meal\Scheduler;
use Nessmark\Meal\Station;
use Nessmark\Meal\Stations;
use Nessmark\Meal\Task;
use Nessmark\Say\Phrase;
use Random\Engine\Mt19937;
use Random\Randomizer;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/timed.php';

/** @return list<Task> each dish: made ready by hand, cooked, finished by hand */
function meal(Randomizer $chance): array
{
    $tasks = [];
    foreach (['A', 'B', 'C', 'D'] as $dish) {
        $fire = [Station::Oven, Station::Burner][$chance->getInt(0, 1)];
        $steps = [
            [[Station::Hands], $chance->getInt(3, 15), 240],
            [[$fire], $chance->getInt(10, 60), 20],
            [[Station::Hands], $chance->getInt(2, 8), 15],
        ];
        foreach ($steps as $i => [$uses, $minutes, $wait]) {
            $tasks[] = new Task(
                "{$dish}-{$i}",
                $dish,
                new Phrase('x'),
                $minutes,
                $uses,
                $fire === Station::Oven && $i === 1 ? 10.0 * $chance->getInt(16, 22) : null,
                $i === 2 ? null : "{$dish}-".($i + 1),
                0,
                $wait,
            );
        }
    }

    return $tasks;
}

$chance = new Randomizer(new Mt19937(17));
$stations = new Stations();
$meals = array_map(static fn (): array => meal($chance), range(1, 200));
$took = array_map(static fn (array $meal): float => timed(static fn () => (new Scheduler($stations))->schedule($meal), 1)[0], $meals);
asort($took);
$bySpeed = array_keys($took);

echo json_encode([
    'twelve tasks, a middling meal' => timed(static fn () => (new Scheduler($stations))->schedule($meals[$bySpeed[100]])),
    'twelve tasks, the slowest of 200' => timed(static fn () => (new Scheduler($stations))->schedule($meals[$bySpeed[199]])),
]);
