<?php

declare(strict_types=1);

namespace Nessmark\Advice;

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
        $weighed = $lot->weighed($raw);
        $meat = $lot->priceMinor($weighed) / 100.0;
        $total = round($meat + ($seasoning ?? 0.0), 2);

        return new Price(
            $lot->number,
            $currency,
            $lot->pricePerKgMinor / 100.0,
            round($weighed->toGrams()),
            $total,
            round($total / $heads, 2),
            round((100.0 * $meat) / $cooked->toGrams(), 2),
            $seasoning,
        );
    }

    /** Before it is cooked: compared on what is eaten, not on what is weighed. A cheap piece that cooks away is not cheap. */
    public static function cookedPer100g(Lot $lot): float
    {
        $cookedYield = 0.5 * ($lot->cut->lowestYield + $lot->cut->highestYield);

        return round($lot->weighed(Mass::ofGrams(100.0))->toGrams() * $lot->pricePerKgMinor / 1e5 / $cookedYield, 2);
    }
}
