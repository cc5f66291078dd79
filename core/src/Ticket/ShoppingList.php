<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What the meal wants beside the meat, by where it comes from; how much of each stands with the seasoning. */
final readonly class ShoppingList
{
    /**
     * @param  list<string>  $fromShop
     * @param  list<string>  $toGet
     * @param  list<string>  $inHouse
     */
    public function __construct(public array $fromShop, public array $toGet, public array $inHouse) {}
}
