<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/**
 * What can hurt somebody who eats or handles a piece. Each one either decides what the piece counts as, or is a rule of
 * core/data/safety.json that is read out when it applies, or is only minded by who handles the meat; none may be left without.
 */
enum Hazard: string
{
    case Ammonia = 'ammonia';
    case Bivalve = 'bivalve';
    case ColdSmoked = 'cold_smoked';
    case Crustacean = 'crustacean';
    case FatFlare = 'fat_flare';
    case Head = 'head';
    case HepatitisE = 'hepatitis_e';
    case Histamine = 'histamine';
    case Lean = 'lean';
    case Mercury = 'mercury';
    case MercuryHigh = 'mercury_high';
    case Minced = 'minced';
    case Mollusc = 'mollusc';
    case Organ = 'organ';
    case Pierced = 'pierced';
    case Poultry = 'poultry';
    case RawFish = 'raw_fish';
    case RawTuna = 'raw_tuna';
    case Rolled = 'rolled';
    case Shot = 'shot';
    case Stuffed = 'stuffed';
    case Trichinella = 'trichinella';
    case Tse = 'tse';
    case VitaminA = 'vitamin_a';
    case Wild = 'wild';

    /** What was done to the piece, where that is the hazard. */
    public function treatment(): ?Treatment
    {
        return match ($this) {
            self::Minced => Treatment::Minced,
            self::Pierced => Treatment::Pierced,
            self::Rolled => Treatment::Rolled,
            self::Stuffed => Treatment::Stuffed,
            default => null,
        };
    }

    /** The class a piece with this hazard counts as at least. */
    public function atLeast(): ?FoodClass
    {
        return match ($this) {
            self::Bivalve => FoodClass::Bivalve,
            self::Crustacean => FoodClass::Crustacean,
            self::Mollusc => FoodClass::Mollusc,
            self::Organ => FoodClass::Organ,
            self::Poultry => FoodClass::Poultry,
            self::Wild => FoodClass::WildGame,
            default => null,
        };
    }

    /** Minded at the counter and in the kitchen; it changes no rule for who eats it. */
    public function isHandling(): bool
    {
        return match ($this) {
            self::Ammonia, self::FatFlare, self::Histamine, self::Lean => true,
            default => false,
        };
    }

    /** Of fish that may carry worms: nearly raw only after the parasite freeze, or where the profile exempts it. */
    public function mayCarryParasites(): bool
    {
        return $this === self::RawFish || $this === self::RawTuna;
    }
}
