<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Ticket\DressingAmount;
use Nessmark\Ticket\Eaten;
use Nessmark\Ticket\EatenFrom;

/** What a seasoning is made of, as it is eaten: each of it with its grams, its allergens and the pieces it is for. */
final readonly class Components
{
    private function __construct() {}

    /**
     * @param  list<DressingAmount>  $amounts  in the order of its ingredients; what comes after them is the salt
     * @param  list<string>  $pieces
     * @return list<Eaten>
     */
    public static function of(Seasoning $seasoning, array $amounts, Ingredient $salt, array $pieces): array
    {
        return array_map(
            static fn (DressingAmount $amount, int $i): Eaten => self::one(
                $seasoning->amounts[$i]->ingredient ?? $salt,
                $amount,
                EatenFrom::Seasoning,
                $pieces,
            ),
            $amounts,
            array_keys($amounts),
        );
    }

    /** @param  list<string>  $pieces */
    public static function one(Ingredient $of, DressingAmount $amount, EatenFrom $from, array $pieces): Eaten
    {
        return new Eaten($amount->name, $from, $amount->g, $pieces, Allergen::names($of->allergens), Allergen::names($of->mayContain), []);
    }
}
