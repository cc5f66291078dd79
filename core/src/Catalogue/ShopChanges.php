<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

/** What one shop has made of the catalogue. */
final readonly class ShopChanges
{
    /**
     * @param  list<Record>  $ownCuts  whole cuts in the form of core/data/schema/cut.json
     * @param  list<array{cut: string, place: string, name: string}>  $names  local names of the shop's own
     * @param  list<string>  $hidden  slugs of cuts it does not sell
     */
    public function __construct(public array $ownCuts = [], public array $names = [], public array $hidden = []) {}
}
