<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Kitchen;

/**
 * What is worth asking about the fire of a method: the sort of each appliance, for a pan alone what heats it, for a grill how fierce
 * it is. Two at most.
 */
final readonly class FireChoices
{
    public const BURNER = 'burner';

    public const LEVEL = 'level';

    private function __construct() {}

    /** @return array<string, non-empty-list<string>> the sorts by appliance (or burner), the usual one first */
    public static function of(Kitchen $kitchen, Method $method): array
    {
        $choices = [];
        foreach ($method->appliances() as $kind) {
            $types = $kitchen->types($kind);
            $isAsked = match ($method) {
                // foil and a lid are the same in any oven, and nothing is poached under pressure
                Method::Parcel, Method::PotRoast, Method::Poach, Method::Simmer, Method::Confit => false,
                default => count($types) > 1,
            };
            if ($isAsked && $types !== []) {
                $choices[$kind->value] = $types;
            }
        }
        if ($method->appliances() === [ApplianceKind::Pan] && ($burners = $kitchen->burners()) !== []) {
            $choices[self::BURNER] = $burners;
        }
        if (($levels = $kitchen->levels($method->appliances()[0])) !== []) {
            $choices[self::LEVEL] = $levels;
        }

        return $choices;
    }
}
