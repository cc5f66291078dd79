<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** What the safety rules tell apart. */
enum FoodClass: string
{
    case WholeMuscle = 'whole_muscle';
    case Minced = 'minced';
    case Poultry = 'poultry';
    case DuckBreast = 'duck_breast';
    case Fish = 'fish';
    case FarmedGame = 'farmed_game';
    case WildGame = 'wild_game';
    case Crustacean = 'crustacean';
    case Bivalve = 'bivalve';
    case Organ = 'organ';
    case Stuffed = 'stuffed';
}
