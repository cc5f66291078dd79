<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot as LotRow;
use App\Models\Shop;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\AskReader;
use Nessmark\Errors\InputRefused;
use Nessmark\Meal\Dish;
use Nessmark\Ticket\DishTicket;

/** An ask of a shop, read and computed, with the row it is cut from. */
final readonly class BenchAsk
{
    public function __construct(
        private AskReader $asks,
        private TicketAssembly $tickets,
        private Stock $stock,
        private House $house,
        private ShopCatalogue $catalogues,
        private ShopShelf $shelves,
    ) {}

    /**
     * @return array{Dish, DishTicket, LotRow|null}
     *
     * @throws InputRefused naming every key that is wrong
     */
    public function read(Shop $shop, mixed $ask): array
    {
        [$row, $lot] = $this->stock->soldFrom($shop, is_array($ask) ? $ask['lot'] ?? null : null);
        if (is_array($ask) && isset($ask['eat_at'])) {
            $ask['now'] ??= $shop->now()->format(DATE_ATOM);
        }
        $dish = $this->asks->read($ask, $this->house->rules($shop), $this->catalogues->of($shop), $lot, $this->shelves->of($shop));

        return [$dish, $this->tickets->advise($dish, $shop->currency), $row];
    }
}
