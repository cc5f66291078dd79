<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Shop;
use DateTimeImmutable;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\ClockReport;
use Nessmark\Contract\ICalendar;
use Nessmark\Contract\MealReader;
use Nessmark\Errors\InputRefused;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/** Between a shop and the core: a meal put on one clock, and the same as a calendar. */
final readonly class MealClock
{
    public function __construct(
        private ClockReport $clock,
        private MealReader $meals,
        private TicketAssembly $tickets,
        private Stock $stock,
        private House $house,
        private ShopCatalogue $catalogues,
        private ShopShelf $shelves,
        private Wording $wording,
    ) {}

    /**
     * @param  mixed  $data  in the form of ClockReport
     * @return array<string, mixed>
     *
     * @throws InputRefused naming every key that is wrong
     */
    public function put(Shop $shop, mixed $data): array
    {
        $rules = $this->house->rules($shop);
        $asked = $this->clock->read($data, $rules);
        $hours = ['now' => $asked->now->format(DATE_ATOM), 'eat_at' => $asked->eatAt->format(DATE_ATOM)];
        $asks = array_map(static fn (mixed $ask): mixed => is_array($ask) ? [...$ask, ...$hours] : $ask, ClockReport::asks($data));
        $lots = array_map(fn (mixed $ask): ?Lot => $this->stock->soldFrom($shop, is_array($ask) ? $ask['lot'] ?? null : null)[1], $asks);
        $meal = $this->meals->read($asks, $lots, $rules, $this->catalogues->of($shop), $this->shelves->of($shop));

        return $this->clock->of($this->tickets->serve($meal, $shop->currency), $asked, $meal->avoids());
    }

    /**
     * Each thing to do as an event with its alarm, and the eating last.
     *
     * @param  mixed  $data  in the form of ClockReport
     *
     * @throws InputRefused naming every key that is wrong
     */
    public function calendar(Shop $shop, mixed $data, Units $units): string
    {
        $clock = $this->put($shop, $data);
        /** @var list<array{id: string, dish: string, what: array{key: string, args: object}, from_at: string, to_at: string}> $tasks */
        $tasks = $clock['tasks'];
        $events = [];
        foreach ($tasks as $task) {
            /** @var array<string, float|int|string> $args */
            $args = (array) $task['what']['args'];
            $says = $this->wording->text('say', $task['what']['key'], $args, $units);
            $events[] = self::event($task['id'], "{$task['dish']} {$says}", $task['from_at'], $task['to_at']);
        }
        $eatAt = is_string($clock['ready_at'] ?? null) ? $clock['ready_at'] : (is_string($clock['eat_at']) ? $clock['eat_at'] : '');
        $eating = new Phrase('clock.eat');
        $events[] = self::event('eat', $this->wording->text('say', $eating->key, [], $units), $eatAt, $eatAt);

        return ICalendar::of($shop->name, $events, $shop->now());
    }

    /** @return array{uid: string, from: DateTimeImmutable, to: DateTimeImmutable, says: string} */
    private static function event(string $id, string $says, string $from, string $to): array
    {
        return [
            'uid' => hash('xxh128', "{$id} {$from}").'@nessmark',
            'from' => new DateTimeImmutable($from),
            'to' => new DateTimeImmutable($to),
            'says' => $says,
        ];
    }
}
