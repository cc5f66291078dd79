<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Appliance\ApplianceKind;

/** A way of cooking. */
enum Method: string
{
    case Pan = 'pan';
    case Grill = 'grill';
    case Broil = 'broil';
    case OvenRoast = 'oven_roast';
    case SearThenOven = 'sear_then_oven';
    case OvenThenSear = 'oven_then_sear';
    case WaterBath = 'water_bath';
    case BathThenSear = 'bath_then_sear';
    case Braise = 'braise';
    case Parcel = 'parcel';
    case Poach = 'poach';
    case Steam = 'steam';
    case StirFry = 'stir_fry';
    case DeepFry = 'deep_fry';
    case Spit = 'spit';
    case Smoke = 'smoke';
    case PotRoast = 'pot_roast';
    case Simmer = 'simmer';
    case Confit = 'confit';
    case AirFry = 'air_fry';

    /** Whether a piece can be kept at its temperature where it is, to make a printed hold. */
    public function canHold(): bool
    {
        return in_array($this, [self::WaterBath, self::BathThenSear, self::Poach, self::Steam, self::Simmer], true);
    }

    /** Whether water leaves the surface as it cooks, so that it matters how wet the piece goes on. */
    public function driesTheSurface(): bool
    {
        return ! in_array(
            $this,
            [
                self::WaterBath, self::BathThenSear, self::Braise, self::Parcel, self::Poach, self::Steam, self::PotRoast, self::Simmer,
                self::Confit,
            ],
            true,
        );
    }

    /** Whether what is left to come after the open stage is counted on: water that holds a piece adds nothing, a sear after it does. */
    public function countsCarryOver(): bool
    {
        return ! $this->canHold() || $this === self::BathThenSear;
    }

    /** Sealed in a bag and warmed in water. */
    public function isInBath(): bool
    {
        return $this === self::WaterBath || $this === self::BathThenSear;
    }

    /** In the open air of an oven, not in a pot or a parcel in it. */
    public function roastsInOven(): bool
    {
        return in_array($this, [self::OvenRoast, self::OvenThenSear, self::SearThenOven], true);
    }

    /** Whether it rests where it cooked, in its own steam, and not on a rack. */
    public function restsCovered(): bool
    {
        return in_array($this, [self::Braise, self::Poach, self::Simmer, self::Confit], true);
    }

    /** @return non-empty-list<ApplianceKind> the first is the one whose heat is set on the ticket */
    public function appliances(): array
    {
        return match ($this) {
            self::Pan => [ApplianceKind::Pan],
            self::Grill => [ApplianceKind::Grill],
            self::Broil => [ApplianceKind::Broiler],
            self::OvenRoast => [ApplianceKind::Oven],
            self::SearThenOven, self::OvenThenSear => [ApplianceKind::Oven, ApplianceKind::Pan],
            self::WaterBath => [ApplianceKind::WaterBath],
            self::BathThenSear => [ApplianceKind::WaterBath, ApplianceKind::Pan],
            self::Braise, self::Poach, self::Simmer, self::Confit => [ApplianceKind::Pot],
            self::PotRoast => [ApplianceKind::Oven, ApplianceKind::Pan],
            self::AirFry => [ApplianceKind::AirFryer],
            self::Steam => [ApplianceKind::Steamer],
            self::Parcel => [ApplianceKind::Oven],
            self::DeepFry => [ApplianceKind::DeepFryer],
            self::Smoke => [ApplianceKind::Smoker],
            self::Spit => [ApplianceKind::Spit],
            self::StirFry => [ApplianceKind::Wok],
        };
    }
}
