<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BenchOrder;
use App\Models\BenchState;
use App\Models\Lot;
use App\Models\TicketDish;
use App\Models\User;
use DateTimeImmutable;
use Nessmark\Contract\Json;
use Nessmark\Meal\Dish;
use Nessmark\Ticket\DishTicket;

/** Hands a ticket's bench order to the cutter. What was sent ahead of its ticket is the ticket's, and not queued twice. */
final class QueueBench
{
    public function execute(
        User $user,
        Dish $dish,
        DishTicket $ticket,
        ?Lot $lot,
        ?string $customer,
        ?int $customerId = null,
        ?TicketDish $kept = null,
        ?int $sentAhead = null,
    ): ?BenchOrder {
        if ($ticket->bench->steps === []) {
            return null;
        }
        $ahead =
            $sentAhead === null
                ? null
                : BenchOrder::query()
                    ->where('shop_id', $user->shop_id)
                    ->whereKey($sentAhead)
                    ->whereNull('ticket_dish_id')
                    ->where('cut_slug', $dish->piece->cut->slug)
                    ->lockForUpdate()
                    ->first();
        if ($ahead !== null) {
            $ahead->update([
                'ticket_dish_id' => $kept?->id,
                'customer' => $customer ?? $ahead->customer,
                'customer_id' => $customerId ?? $ahead->customer_id,
            ]);

            return $ahead;
        }
        $begins = $ticket->timeline[0]->clock ?? null;

        return BenchOrder::query()->create([
            'shop_id' => $user->shop_id,
            'ticket_dish_id' => $kept?->id,
            'lot_id' => $lot?->id,
            'customer' => $customer,
            'customer_id' => $customerId,
            'cut_slug' => $dish->piece->cut->slug,
            'cut_name' => $dish->piece->cut->name,
            'method' => $dish->way->method->value,
            'pieces' => $dish->piece->count,
            'thickness_mm' => round($dish->piece->size->thickness->toMillimetres(), 1),
            'work' => Json::of($ticket->bench),
            'steps_done' => [],
            'due_at' => $begins === null ? null : new DateTimeImmutable($begins),
            'state' => BenchState::Waiting,
        ]);
    }
}
