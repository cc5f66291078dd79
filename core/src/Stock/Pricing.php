<?php

declare(strict_types=1);

namespace Nessmark\Stock;

/** From what a kilo costs to what it is sold at. */
final class Pricing
{
    private function __construct() {}

    /**
     * Margin is a share of the selling price, as the trade counts it, not a mark-up on cost. Arithmetic; rounded up to a hundredth.
     *
     * @param  float  $marginPct  0 to under 100
     * @return float a kilo, in the unit of the cost
     */
    public static function perKg(float $costPerKg, float $marginPct): float
    {
        return ceil(round($costPerKg / (1.0 - $marginPct / 100.0) * 100.0, 6)) / 100.0;
    }
}
