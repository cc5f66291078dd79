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
    case NonIntact = 'non_intact';

    /** What the meat counts as once its outside has been brought inside by needle, blade, brine or rolling; never less strict. */
    public function pierced(): self
    {
        return match ($this) {
            self::WholeMuscle => self::NonIntact,
            self::FarmedGame => self::Minced,
            self::DuckBreast => self::Poultry,
            default => $this,
        };
    }
}
