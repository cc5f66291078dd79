<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Customer;
use App\Models\Lot;
use App\Models\MoveKind;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\Stock;
use App\Services\Units;
use Illuminate\Support\Facades\DB;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\AskReader;
use Nessmark\Contract\Json;
use Nessmark\Data\Engine;
use Nessmark\Errors\InputRefused;
use Nessmark\Quantity\Mass;

/** Computes the ask once more and keeps it with its result, so that what is handed over is what was computed. */
final readonly class StoreTicket
{
    public function __construct(private AskReader $reader, private TicketAssembly $tickets, private ShopCatalogue $catalogues, private Stock $stock, private MoveStock $moves, private House $house) {}

    /**
     * @param  array<string, mixed>  $askData
     * @param  list<string>  $cautionsRead  ids of the findings that were read out
     * @param  int|null  $soldG  as weighed; null for what the ticket says
     *
     * @throws TicketRefused if the plan is a stop, or a caution was not read out
     * @throws StockRefused if the lot has less left, whoever took it
     * @throws InputRefused if the ask is wrong, or the shop has no such lot
     */
    public function execute(User $user, array $askData, Units $units, ?string $customerLabel, array $cautionsRead, ?int $soldG = null, ?Customer $customer = null): Ticket
    {
        $now = $user->shop->now();
        $askData['now'] ??= $now->format(DATE_ATOM);
        [$row, $lot] = $this->stock->soldFrom($user->shop, $askData['lot'] ?? null);
        $dish = $this->reader->read($askData, $this->house->rules($user->shop), $this->catalogues->of($user->shop), $lot);
        if ($lot !== null && $lot->isPastOn($now)) {
            throw StockRefused::past($lot->number);
        }
        $result = $this->tickets->advise($dish, $lot, $user->shop->currency);
        if (! $result->verdict->mayBeHandedOver) {
            throw TicketRefused::stopped();
        }
        $unread = array_values(array_diff(array_column($result->verdict->findings, 'id'), $cautionsRead));
        if ($unread !== []) {
            throw TicketRefused::notReadOut($unread);
        }

        return DB::transaction(function () use ($user, $askData, $dish, $result, $units, $customerLabel, $cautionsRead, $row, $lot, $soldG, $customer): Ticket {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->first(); // one number at a time
            if ($row !== null) {
                Lot::query()->whereKey($row->id)->lockForUpdate()->first(); // before a ticket refers to it, so that nobody waits for somebody who waits
            }
            $last = Ticket::query()->where('shop_id', $user->shop_id)->max('number');

            $grams = $soldG ?? (int) round($result->amounts->rawG);
            $ticket = Ticket::query()->create([
                'shop_id' => $user->shop_id,
                'user_id' => $user->id,
                'number' => (is_numeric($last) ? (int) $last : 0) + 1,
                'customer_label' => $customerLabel ?? $customer?->name,
                'customer_id' => $customer?->id,
                'units' => $units->value,
                'cut_slug' => $dish->piece->cut->slug,
                'cut_name' => $dish->piece->cut->name,
                'method' => $dish->way->method->value,
                'verdict' => $result->verdict->level->value,
                'ask' => $askData,
                'result' => Json::of($result),
                'cautions_read' => $cautionsRead,
                'engine_version' => Engine::VERSION,
                'lot_id' => $row?->id,
                'sold_g' => $row === null ? null : $grams,
                'price_minor' => $lot?->priceMinor(Mass::ofGrams($grams)),
            ]);
            if ($row !== null) {
                $this->moves->execute($row, $user, MoveKind::Sold, $grams, null, $ticket);
            }

            return $ticket;
        }, Once::TRIES);
    }
}
