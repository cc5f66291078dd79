<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Meat\Cut;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;

/** What it comes to: as it is sold, a head, and on the plate. */
final readonly class PriceOf
{
    private function __construct() {}

    /** @return array{lot: string, currency: string, per_kg: float, total: float, a_head: float, cooked_100g: float} in whole units of the currency */
    public static function lot(Lot $lot, string $currency, Mass $raw, int $heads): array
    {
        $total = $lot->priceMinor($raw) / 100.0;

        return [
            'lot' => $lot->number, 'currency' => $currency, 'per_kg' => $lot->pricePerKgMinor / 100.0, 'total' => $total,
            'a_head' => round($total / $heads, 2), 'cooked_100g' => self::cookedPer100g($lot),
        ];
    }

    /** Compared on what is eaten, not on what is weighed: a cheap piece that cooks away is not cheap. */
    public static function cookedPer100g(Lot $lot): float
    {
        return round($lot->pricePerKgMinor / 1000.0 / self::cookedYield($lot->cut), 2);
    }

    private static function cookedYield(Cut $cut): float
    {
        return 0.5 * ($cut->lowestYield + $cut->highestYield);
    }
}
