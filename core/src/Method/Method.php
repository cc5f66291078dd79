<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Appliance\ApplianceKind;

/** A way of cooking. */
enum Method: string
{
    case Pan = 'pan';
    case Grill = 'grill';
    case OvenRoast = 'oven_roast';
    case SearThenOven = 'sear_then_oven';
    case OvenThenSear = 'oven_then_sear';
    case WaterBath = 'water_bath';
    case Braise = 'braise';
    case Parcel = 'parcel';
    case Poach = 'poach';
    case Steam = 'steam';
    case StirFry = 'stir_fry';
    case DeepFry = 'deep_fry';
    case Spit = 'spit';
    case Smoke = 'smoke';

    /** Whether this version computes it, so that a ticket can be written for it; the others are known to the atlas alone. */
    public function isComputed(): bool
    {
        return $this->appliances() !== [];
    }

    /** @return list<self> */
    public static function computed(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $method): bool => $method->isComputed()));
    }

    /** Whether a piece can be kept at its temperature where it is, to make a printed hold. */
    public function canHold(): bool
    {
        return in_array($this, [self::WaterBath, self::Poach, self::Steam], true);
    }

    /** Whether water leaves the surface as it cooks, so that it matters how wet the piece goes on. */
    public function driesTheSurface(): bool
    {
        return ! in_array($this, [self::WaterBath, self::Braise, self::Parcel, self::Poach, self::Steam], true);
    }

    /** Whether it rests where it cooked, in its own steam, and not on a rack. */
    public function restsCovered(): bool
    {
        return in_array($this, [self::Braise, self::Parcel, self::Poach], true);
    }

    /** @return list<ApplianceKind> the first is the one whose heat is set on the ticket; none where the method is not computed */
    public function appliances(): array
    {
        return match ($this) {
            self::Pan => [ApplianceKind::Pan],
            self::Grill => [ApplianceKind::Grill],
            self::OvenRoast => [ApplianceKind::Oven],
            self::SearThenOven, self::OvenThenSear => [ApplianceKind::Oven, ApplianceKind::Pan],
            self::WaterBath => [ApplianceKind::WaterBath],
            self::Braise, self::Poach => [ApplianceKind::Pot],
            self::Steam => [ApplianceKind::Steamer],
            self::Parcel => [ApplianceKind::Oven],
            self::DeepFry => [ApplianceKind::DeepFryer],
            self::Smoke => [ApplianceKind::Smoker],
            self::Spit => [ApplianceKind::Spit],
            self::StirFry => [],
        };
    }
}
