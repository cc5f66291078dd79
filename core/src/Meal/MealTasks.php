<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use Nessmark\Serve\Waits;
use Nessmark\Ticket\DishTicket;
use Nessmark\Ticket\Stage;
use Nessmark\Ticket\TimelineLine;

/**
 * What there is to do for a meal: of each ticket the fire that is lit, what is done the night before, the meat made ready, every stage, its
 * rest and the knife; of each side its own. Minutes of hands are common practice, no source.
 */
final readonly class MealTasks
{
    /** Drying, and salting where it is done now. */
    private const READY_MIN = 4;

    private const SERVE_MIN = 3;

    /** Sliced and on a warm board, it waits for the others. */
    private const SERVED_MIN = 7;

    /** The night before: salting, a marinade, a brine. */
    private const AHEAD_MIN = 5;

    /** Salt and marinade do as well in so much less or more of the time that was planned. */
    private const AHEAD_SHARES = [0.8, 1.25];

    /** Earlier than this it is no part of the cook's evening, s. */
    private const AHEAD_FROM_S = 1800.0;

    /** Made ready, meat lies by the fire so long. */
    private const LIES_MIN = 10;

    /** What is turned by hand is stood by, as long as it is short. */
    private const STOOD_BY_MIN = 25;

    private const STOOD_BY = ['pan', 'sear', 'grill', 'broil', 'stir_fry', 'deep_fry', 'skin_side', 'flesh_side', 'pan_covered'];

    private const RESTS = ['rest', 'rest_before_sear', 'rest_wrapped', 'plated'];

    private function __construct() {}

    /** @return list<Task> of one dish, what is eaten last */
    public static function ofDish(DishTicket $ticket, string $letter): array
    {
        $method = Method::from($ticket->method);
        $stages = array_values(array_filter($ticket->stages, static fn (Stage $stage): bool => self::minutes($stage) > 0));
        $ids = array_map(static fn (int $i): string => "{$letter}-{$i}", array_keys($stages));
        $first = $ids[0] ?? "{$letter}-serve";
        $tasks = self::before($ticket, $letter, $first);
        foreach ($stages as $i => $stage) {
            $isRest = in_array($stage->name, self::RESTS, true);
            $isLast = $i === count($stages) - 1;
            $waits = (int) (Waits::seconds($method, $ticket->restS) / 60.0);
            $tasks[] = new Task(
                $ids[$i],
                $letter,
                new Phrase('clock.stage', ['name' => $ticket->cut->name, 'stage' => $stage->name]),
                self::minutes($stage),
                $isRest ? [] : self::uses($stage, $method),
                in_array($stage->name, ['oven', 'bath', 'oven_covered', 'oven_hot', 'oven_turned_down', 'hold'], true)
                    ? $stage->surfaceC
                    : null,
                $ids[$i + 1] ?? "{$letter}-serve",
                0,
                $isLast || $isRest ? $waits : 0,
            );
        }
        $tasks[] = new Task(
            "{$letter}-serve",
            $letter,
            new Phrase('clock.serve', ['name' => $ticket->cut->name]),
            self::SERVE_MIN,
            [Station::Hands],
            null,
            null,
            0,
            self::SERVED_MIN,
        );

        return $tasks;
    }

    /** The id of lighting the fire of a dish. */
    public static function fireOf(string $letter): string
    {
        return "{$letter}-fire";
    }

    /** @return list<Task> of one side, what is eaten last */
    public static function ofSide(Side $side, string $letter): array
    {
        $args = ['name' => $side->name];
        $last = $side->finishMin > 0 ? 'finish' : ($side->on !== null ? 'heat' : 'prep');
        $afterPrep = $side->on !== null ? 'heat' : 'finish';
        $ahead = max(self::LIES_MIN, $side->aheadMin);
        $tasks = [
            new Task(
                "{$letter}-prep",
                $letter,
                new Phrase('clock.prepare', $args),
                $side->prepMin,
                [Station::Hands],
                null,
                $last === 'prep' ? null : "{$letter}-{$afterPrep}",
                0,
                $last === 'prep' ? $side->holdMin : $ahead,
            ),
        ];
        if ($side->on !== null) {
            $tasks[] = new Task(
                "{$letter}-heat",
                $letter,
                new Phrase('clock.heat', [...$args, ...$side->heatC === null ? ['heat_c' => 0.0] : ['heat_c' => $side->heatC]]),
                $side->heatMin,
                $side->needsHands ? [$side->on, Station::Hands] : [$side->on],
                $side->heatC,
                $last === 'heat' ? null : "{$letter}-finish",
                0,
                $last === 'heat' ? $side->holdMin : min(self::LIES_MIN, $side->holdMin),
            );
        }
        if ($side->finishMin > 0) {
            $tasks[] = new Task(
                "{$letter}-finish",
                $letter,
                new Phrase('clock.finish', $args),
                $side->finishMin,
                [Station::Hands],
                null,
                null,
                0,
                $side->holdMin,
            );
        }

        return $tasks;
    }

    /** @return list<Task> the fire, the meat made ready, and what is done long before */
    private static function before(DishTicket $ticket, string $letter, string $first): array
    {
        $name = ['name' => $ticket->cut->name];
        $tasks = [];
        foreach ($ticket->timeline as $i => $line) {
            if (str_starts_with($line->do->key, 'do.preheat')) {
                $minutes = (int) ceil(-$line->atS / 60.0);
                $tasks[] = new Task(self::fireOf($letter), $letter, $line->do, $minutes, [], null, $first, 0, self::LIES_MIN);
            } elseif ($line->atS <= -self::AHEAD_FROM_S && str_starts_with($line->do->key, 'season_do.')) {
                $tasks[] = self::ahead($line, "{$letter}-ahead-{$i}", $letter, $first);
            }
        }
        $tasks[] = new Task(
            "{$letter}-ready",
            $letter,
            new Phrase('clock.ready', $name),
            self::READY_MIN,
            [Station::Hands],
            null,
            $first,
            0,
            self::LIES_MIN,
        );

        return $tasks;
    }

    private static function ahead(TimelineLine $line, string $id, string $letter, string $first): Task
    {
        $planned = floor(-$line->atS / 60.0) - self::AHEAD_MIN;

        [$least, $most] = [(int) (self::AHEAD_SHARES[0] * $planned), (int) (self::AHEAD_SHARES[1] * $planned)];

        return new Task($id, $letter, $line->do, self::AHEAD_MIN, [Station::Hands], null, $first, $least, $most);
    }

    private static function minutes(Stage $stage): int
    {
        return (int) ceil(($stage->endsS - $stage->startsS) / 60.0);
    }

    /** @return list<Station> */
    private static function uses(Stage $stage, Method $method): array
    {
        $on = match (true) {
            str_starts_with($stage->name, 'grill') => Station::Grill,
            str_starts_with($stage->name, 'oven'),
            in_array($stage->name, ['broil', 'parcel', 'parcel_opened', 'pot_roast'], true) => Station::Oven,
            in_array($stage->name, ['bath', 'hold'], true) => Station::Bath,
            in_array($method, [Method::AirFry, Method::Smoke, Method::Spit], true) => null, // a fire of its own
            default => Station::Burner,
        };
        $isStoodBy = in_array($stage->name, self::STOOD_BY, true) && self::minutes($stage) <= self::STOOD_BY_MIN;

        return [...$on === null ? [] : [$on], ...$isStoodBy ? [Station::Hands] : []];
    }
}
