<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardLink;
use App\Models\Customer;
use App\Models\Lot;
use App\Models\MoveKind;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use App\Services\DayBook;
use App\Services\House;
use App\Services\Language;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use App\Services\Stock;
use App\Services\Units;
use Illuminate\Support\Facades\DB;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\Json;
use Nessmark\Contract\MealReader;
use Nessmark\Contract\Seen;
use Nessmark\Data\Engine;
use Nessmark\Errors\InputRefused;
use Nessmark\Meal\Dish;
use Nessmark\Quantity\Mass;
use Nessmark\Ticket\DishTicket;

/**
 * Computes each dish once more and keeps them together with what is taken from their lots, all or nothing: what is handed over is what
 * was computed.
 */
final readonly class StoreTicket
{
    public function __construct(
        private MealReader $meals,
        private TicketAssembly $tickets,
        private ShopCatalogue $catalogues,
        private ShopShelf $shelves,
        private Stock $stock,
        private MoveStock $moves,
        private QueueBench $bench,
        private House $house,
        private DayBook $book,
    ) {}

    /**
     * @param  non-empty-list<DishToGive>  $dishes
     *
     * @throws TicketRefused if a dish is a stop, a caution was not read out, or it would by now come out otherwise than it was seen
     * @throws StockRefused if a lot has less left, whoever took it
     * @throws InputRefused if an ask is wrong, or the shop has no such lot
     */
    public function execute(
        User $user,
        array $dishes,
        Units $units,
        ?string $customerLabel = null,
        ?Customer $customer = null,
        ?Language $language = null,
    ): Ticket {
        $language ??= $customer->language ?? Language::from($user->shop->language);
        $now = $user->shop->now();
        $asks = array_map(
            static fn (DishToGive $dish): array => [...$dish->ask, 'now' => $dish->ask['now'] ?? $now->format(DATE_ATOM)],
            $dishes,
        );
        $sold = array_map(fn (DishToGive $dish): array => $this->stock->soldFrom($user->shop, $dish->ask['lot'] ?? null), $dishes);
        foreach ($sold as [, $lot]) {
            if ($lot?->isPastOn($now) === true) {
                throw StockRefused::past($lot->number);
            }
        }
        $meal = $this->meals->read(
            $asks,
            array_column($sold, 1),
            $this->house->rules($user->shop),
            $this->catalogues->of($user->shop),
            $this->shelves->of($user->shop),
        );
        $ticket = $this->tickets->serve($meal, $user->shop->currency);
        if (! $ticket->mayBeHandedOver()) {
            throw TicketRefused::stopped();
        }
        foreach ($dishes as $i => $dish) {
            if ($dish->seen !== null && $dish->seen !== Seen::id($ticket->dishes[$i])) {
                throw TicketRefused::otherwiseNow($ticket->dishes[$i]->cut->name);
            }
        }
        $unread = $ticket->unread(array_map(static fn (DishToGive $dish): array => $dish->cautionsRead, $dishes));
        if ($unread !== []) {
            throw TicketRefused::notReadOut($unread);
        }

        return DB::transaction(function () use (
            $user,
            $dishes,
            $asks,
            $sold,
            $meal,
            $ticket,
            $units,
            $customerLabel,
            $customer,
            $language,
        ): Ticket {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->first(); // one number at a time
            // Before a ticket refers to them, and in one order, so that nobody waits for somebody who waits.
            Lot::query()
                ->whereKey(array_values(array_filter(array_map(static fn (array $row): ?int => $row[0]?->id, $sold))))
                ->orderBy('id')
                ->lockForUpdate()
                ->get();
            $kept = Ticket::query()->create([
                'shop_id' => $user->shop_id,
                'user_id' => $user->id,
                'number' => Ticket::nextNumber($user->shop_id),
                'customer_label' => $customerLabel ?? $customer?->name,
                'customer_id' => $customer?->id,
                'units' => $units->value,
                'language' => $language,
                'engine_version' => Engine::VERSION,
            ]);
            CardLink::open($kept);
            foreach ($dishes as $i => $dish) {
                $row = $sold[$i][0];
                $grams = $dish->soldG ?? (int) round($ticket->dishes[$i]->price->weighedG ?? $ticket->dishes[$i]->amounts->rawG);
                $keptDish = $kept->dishes()->create([
                    'place' => $i + 1,
                    'ask' => $asks[$i],
                    'cautions_read' => $dish->cautionsRead,
                    'lot_id' => $row?->id,
                    'sold_g' => $row === null ? null : $grams,
                    ...self::columns($meal->dishes[$i], $ticket->dishes[$i], $grams),
                ]);
                $this->bench->execute(
                    $user,
                    $meal->dishes[$i],
                    $ticket->dishes[$i],
                    $row,
                    $kept->customer_label,
                    $kept->customer_id,
                    $keptDish,
                    $dish->sentAhead,
                );
                if ($row !== null) {
                    $this->moves->execute($row, $user, MoveKind::Sold, $grams, null, $kept);
                }
            }

            $this->book->note($user, 'ticket.given', ['ticket' => $kept->number, 'dishes' => count($dishes)]);

            return $kept;
        }, Once::TRIES);
    }

    /** @return array<string, mixed> */
    private static function columns(Dish $dish, DishTicket $ticket, int $grams): array
    {
        return [
            'cut_slug' => $dish->piece->cut->slug,
            'cut_name' => $dish->piece->cut->name,
            'method' => $dish->way->method->value,
            'verdict' => $ticket->verdict->level->value,
            'result' => Json::of($ticket),
            'price_minor' => $dish->piece->lot?->priceMinor(Mass::ofGrams($grams)),
        ];
    }
}
