<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Quantity\Mass;
use Nessmark\Ticket\DressingAmount;

/** A seasoning weighed out. Everything in it grows with the meat. */
final readonly class Weighed
{
    private function __construct() {}

    /**
     * Grams of the whole for so much meat. What is salt alone is weighed to the level that is wanted; a cure never is: its nitrite is as
     * it was written, whatever the salt comes to.
     *
     * @param  float  $wantedPct  of salt, of the meat
     */
    public static function totalG(Seasoning $of, float $meatG, float $wantedPct): float
    {
        return $of->kind->isSaltOnly() && ! $of->isCuring() ? ($meatG * $wantedPct) / 100.0 / $of->salt() : ($of->gPerKg * $meatG) / 1000.0;
    }

    /** @return list<DressingAmount> of each ingredient; of a brine with the salt that is worked out for it */
    public static function amounts(Seasoning $of, float $totalG, float $meatG, Ingredient $salt): array
    {
        $amounts = array_map(
            static fn (Amount $amount): DressingAmount => self::amount(
                $amount->ingredient,
                $amount->share * $totalG,
                $amount->insteadOf,
            ),
            $of->amounts,
        );
        if ($of->kind === Kind::WetBrine && $of->targetSaltPct !== null) {
            $needed = Brine::saltForAllMass(Mass::ofGrams($meatG), Mass::ofGrams($totalG), $of->targetSaltPct / 100.0)->toGrams();
            $amounts[] = self::amount($salt, max(0.0, $needed - $of->salt() * $totalG), null);
        }

        return $amounts;
    }

    public static function amount(Ingredient $of, float $g, ?string $insteadOf): DressingAmount
    {
        $spoons = $of->isCuring() ? null : Spoons::of(Mass::ofGrams($g), $of);

        $shownG = $of->isCuring() ? round($g, $g < 100.0 ? 2 : 1) : self::shown($g);

        return new DressingAmount($of->name, $shownG, $spoons?->count, $spoons?->unit->value, $insteadOf);
    }

    /** As a kitchen scale shows it: a tenth of a gram below ten, whole grams above, fives above a hundred. */
    private static function shown(float $g): float
    {
        return match (true) {
            $g < 0.1 => round($g, 2),
            $g < 10.0 => round($g, 1),
            $g < 100.0 => round($g),
            default => 5.0 * round($g / 5.0),
        };
    }
}
