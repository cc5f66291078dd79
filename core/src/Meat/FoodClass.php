<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** What the safety rules tell apart; the stricter stand further down. */
enum FoodClass: string
{
    case WholeMuscle = 'whole_muscle';
    case Pork = 'pork';
    case FarmedGame = 'farmed_game';
    case NonIntact = 'non_intact';
    case Fish = 'fish';
    case Mollusc = 'mollusc'; // without its guts: scallop, squid, octopus
    case Crustacean = 'crustacean';
    case DuckBreast = 'duck_breast';
    case Organ = 'organ';
    case Minced = 'minced';
    case WildGame = 'wild_game';
    case Poultry = 'poultry';
    case Stuffed = 'stuffed';
    case Bivalve = 'bivalve'; // with its guts, in the shell

    private const MAY_BE_WILD = [self::FarmedGame, self::Pork, self::Poultry, self::DuckBreast, self::Minced, self::Organ, self::WildGame];

    /** What the meat counts as after this was done to it; never less strict. */
    public function after(Treatment $treatment): self
    {
        return match ($treatment) {
            Treatment::Stuffed => $this->orStricter(self::Stuffed),
            Treatment::Minced => $this === self::DuckBreast ? self::Poultry : $this->orStricter(self::Minced),
            Treatment::Rolled, Treatment::Pierced => match ($this) {
                self::WholeMuscle, self::Pork => self::NonIntact,
                self::FarmedGame => self::Minced,
                self::DuckBreast => self::Poultry,
                default => $this,
            },
        };
    }

    public function orStricter(self $other): self
    {
        $order = self::cases();

        return array_search($other, $order, true) > array_search($this, $order, true) ? $other : $this;
    }

    /**
     * By how it lived: a pig, a bird or a mince of the wild is game. Farmed birds are poultry; what carries a hazard of the wild whatever
     * it was fed stays wild.
     */
    public function reared(Rearing $rearing, bool $isBird): self
    {
        if ($rearing === Rearing::Wild) {
            return in_array($this, self::MAY_BE_WILD, true) ? self::WildGame : $this;
        }

        return $this === self::WildGame ? ($isBird ? self::Poultry : self::FarmedGame) : $this;
    }
}
