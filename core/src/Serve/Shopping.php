<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Data\DataFolder;
use Nessmark\Ticket\Eaten;
use Nessmark\Ticket\EatenFrom;
use Nessmark\Ticket\ShoppingList;

/** Sorts what goes on the meat by where it is got. What any house has is common practice, no source. */
final readonly class Shopping
{
    /** @param  list<string>  $inHouse  names of ingredients */
    private function __construct(private array $inHouse) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('serving.json')->texts('in_the_house'));
    }

    /**
     * @param  list<Eaten>  $eaten  of the seasoning, and what the steps bring
     * @param  string|null  $sold  the seasoning the shop sells, made
     * @return ShoppingList|null null where nothing is wanted that is not on the card as salt
     */
    public function of(array $eaten, ?string $sold): ?ShoppingList
    {
        $wanted = array_filter($eaten, static fn (Eaten $of): bool => $sold === null || $of->from !== EatenFrom::Seasoning);
        $all = array_values(array_unique(array_map(static fn (Eaten $of): string => $of->food, $wanted)));
        $toGet = array_values(array_diff($all, $this->inHouse));
        $inHouse = array_values(array_intersect($all, $this->inHouse));

        return $toGet === [] && $sold === null ? null : new ShoppingList($sold === null ? [] : [$sold], $toGet, $inHouse);
    }
}
