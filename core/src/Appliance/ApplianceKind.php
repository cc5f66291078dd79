<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

enum ApplianceKind: string
{
    case Pan = 'pan';
    case Grill = 'grill';
    case Oven = 'oven';
    case WaterBath = 'water_bath';
    case Pot = 'pot';
    case Steamer = 'steamer';
    case DeepFryer = 'deep_fryer';
    case Smoker = 'smoker';
    case Spit = 'spit';
    case Broiler = 'broiler';
    case Wok = 'wok';
    case AirFryer = 'air_fryer';
}
