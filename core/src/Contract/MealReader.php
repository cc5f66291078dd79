<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use LogicException;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Meal\Meal;
use Nessmark\Seasoning\Shelf;
use Nessmark\Stock\Lot;

/** Reads a meal: one ask for each dish. */
final readonly class MealReader
{
    /** Nobody at a counter writes more dishes on one ticket. Common practice, no source. */
    public const MOST_DISHES = 6;

    public function __construct(private AskReader $asks) {}

    /**
     * @param  non-empty-list<mixed>  $asks  each in the form of AskReader
     * @param  list<Lot|null>  $lots  what each is sold from
     *
     * @throws InputRefused naming every key that is wrong, with its dish
     */
    public function read(array $asks, array $lots, HouseRules $house, ?Catalogue $catalogue, ?Shelf $shelf = null): Meal
    {
        $dishes = [];
        $violations = [];
        foreach ($asks as $i => $ask) {
            try {
                $dishes[] = $this->asks->read($ask, $house, $catalogue, $lots[$i] ?? null, $shelf);
            } catch (InputRefused $refused) {
                foreach ($refused->violations as $each) {
                    $violations[] = $each->under("dishes.{$i}.ask");
                }
            }
        }

        if ($violations !== []) {
            throw InputRefused::because($violations);
        }

        return new Meal($dishes === [] ? throw new LogicException('Every meal has a dish.') : $dishes);
    }
}
