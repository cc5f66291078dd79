<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Data\DataFolder;
use Nessmark\Ticket\Dressing;
use Nessmark\Ticket\DressingAmount;
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

    /** @return ShoppingList|null null where nothing is wanted that is not on the card as salt */
    public function of(?Dressing $dressing): ?ShoppingList
    {
        if ($dressing === null) {
            return null;
        }
        $names = array_map(static fn (DressingAmount $amount): string => $amount->name, $dressing->amounts);
        $beside = $dressing->saltBeside === null ? [] : [$dressing->saltBeside->name];
        if ($dressing->price !== null) {
            return new ShoppingList([$dressing->name], [], $beside);
        }
        $all = array_values(array_unique([...$names, ...$beside]));
        $toGet = array_values(array_diff($all, $this->inHouse));

        return $toGet === [] ? null : new ShoppingList([], $toGet, array_values(array_intersect($all, $this->inHouse)));
    }
}
