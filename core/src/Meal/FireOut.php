<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Say\Phrase;

/** A fire has gone out: what was to be cooked on it is finished on another, and what there is none for is named. */
final readonly class FireOut
{
    /**
     * @param  list<Task>  $tasks
     * @param  list<Phrase>  $says  for each dish that has to move, where it is finished
     */
    private function __construct(public array $tasks, public array $says) {}

    /**
     * @param  list<Task>  $tasks
     * @param  list<Station>  $out
     * @param  list<string>  $over  ids of tasks that are done: what goes out then is nothing to them
     */
    public static function of(array $tasks, array $out, Stations $has, array $over): self
    {
        if ($out === []) {
            return new self($tasks, []);
        }
        $says = $lit = [];
        foreach ($tasks as $i => $task) {
            $lost = array_values(array_filter($task->uses, static fn (Station $on): bool => in_array($on, $out, true)))[0] ?? null;
            if ($lost === null) {
                continue;
            }
            if (in_array($task->id, $over, true)) {
                $tasks[$i] = $task->on(null, $lost);

                continue;
            }
            $other = self::instead($lost);
            $isLit = $other !== null && ! in_array($other, $out, true) && $has->of($other) > 0;
            $name = ['name' => $task->what->args['name']];
            $says[$task->dish] = new Phrase('fire_out.'.($isLit ? $other->value : 'none'), $name);
            if ($isLit) {
                $tasks[$i] = $task->on($other, $lost)->saying(new Phrase("fire_out.on_{$other->value}", $name));
                $lit[MealTasks::fireOf($task->dish)] = new Phrase("fire_out.light_{$other->value}");
            }
        }

        return new self(
            array_map(static fn (Task $task): Task => isset($lit[$task->id]) ? $task->saying($lit[$task->id]) : $task, $tasks),
            array_values($says),
        );
    }

    /** Common practice, no source. */
    private static function instead(Station $lost): ?Station
    {
        return match ($lost) {
            Station::Grill => Station::Oven,
            Station::Oven, Station::Burner => Station::Grill,
            default => null,
        };
    }
}
