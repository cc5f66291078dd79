<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Meat\Cut;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;
use Nessmark\Ticket\Price;

/** What it comes to: as it is sold, a head, and on the plate. */
final readonly class PriceOf
{
    private function __construct() {}

    /**
     * @param  Mass  $cooked  what the cook of this ticket leaves of it
     * @param  float|null  $seasoning  what the shop takes for the seasoning
     */
    public static function lot(Lot $lot, string $currency, Mass $raw, Mass $cooked, int $heads, ?float $seasoning): Price
    {
        $meat = $lot->priceMinor($raw) / 100.0;
        $total = round($meat + ($seasoning ?? 0.0), 2);

        return new Price(
            $lot->number,
            $currency,
            $lot->pricePerKgMinor / 100.0,
            $total,
            round($total / $heads, 2),
            round((100.0 * $meat) / $cooked->toGrams(), 2),
            $seasoning,
        );
    }

    /** Before it is cooked: compared on what is eaten, not on what is weighed. A cheap piece that cooks away is not cheap. */
    public static function cookedPer100g(Lot $lot): float
    {
        return round($lot->pricePerKgMinor / 1000.0 / self::cookedYield($lot->cut), 2);
    }

    private static function cookedYield(Cut $cut): float
    {
        return 0.5 * ($cut->lowestYield + $cut->highestYield);
    }
}
