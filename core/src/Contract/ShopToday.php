<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Catalogue\Catalogue;
use Nessmark\House\HouseRules;
use Nessmark\Seasoning\Shelf;
use Nessmark\Stock\Lot;

/** What a shop has to answer with: its lots, its cuts, its seasonings, its ways and its money. */
final readonly class ShopToday
{
    /**
     * @param  list<Lot>  $lots
     * @param  string  $currency  ISO 4217
     */
    public function __construct(
        public array $lots,
        public Catalogue $catalogue,
        public HouseRules $house,
        public string $currency,
        public Shelf $shelf,
    ) {}

    public function lot(mixed $number): ?Lot
    {
        return array_values(array_filter($this->lots, static fn (Lot $lot): bool => $lot->number === $number))[0] ?? null;
    }
}
