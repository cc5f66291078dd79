<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Safety\Level;

/** What the counter hands over for a meal, dish by dish. */
final readonly class Ticket
{
    /** @param  non-empty-list<DishTicket>  $dishes */
    public function __construct(public array $dishes) {}

    /** As strict as the strictest of its dishes. */
    public function level(): Level
    {
        $level = Level::Clear;
        foreach ($this->dishes as $dish) {
            $level = $level->orStricter($dish->verdict->level);
        }

        return $level;
    }

    public function mayBeHandedOver(): bool
    {
        return $this->level() !== Level::Stop;
    }

    /**
     * The findings that were not read out.
     *
     * @param  list<list<string>>  $read  ids of findings, dish by dish
     * @return list<string>
     */
    public function unread(array $read): array
    {
        $unread = [];
        foreach ($this->dishes as $i => $dish) {
            $unread = [...$unread, ...array_diff(array_column($dish->verdict->findings, 'id'), $read[$i] ?? [])];
        }

        return $unread;
    }
}
