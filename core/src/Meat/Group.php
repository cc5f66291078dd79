<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** How the counter lays out its meat. */
enum Group: string
{
    case Beef = 'beef';
    case Veal = 'veal';
    case Pork = 'pork';
    case Lamb = 'lamb';
    case Game = 'game';
    case Poultry = 'poultry';
    case Fish = 'fish';
    case Offal = 'offal';

    /** The mildest rules anything laid out there can have. */
    public function leastClass(): FoodClass
    {
        return match ($this) {
            self::Beef, self::Veal, self::Lamb => FoodClass::WholeMuscle,
            self::Pork => FoodClass::Pork,
            self::Game => FoodClass::FarmedGame,
            self::Poultry => FoodClass::Poultry,
            self::Fish => FoodClass::Fish,
            self::Offal => FoodClass::Organ,
        };
    }
}
