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

    /** @return non-empty-list<ApplianceKind> the first is the one whose heat is set on the ticket */
    public function appliances(): array
    {
        return match ($this) {
            self::Pan => [ApplianceKind::Pan],
            self::Grill => [ApplianceKind::Grill],
            self::OvenRoast => [ApplianceKind::Oven],
            self::SearThenOven, self::OvenThenSear => [ApplianceKind::Oven, ApplianceKind::Pan],
            self::WaterBath => [ApplianceKind::WaterBath],
        };
    }
}
