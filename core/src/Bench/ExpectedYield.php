<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Meat\Cut;

/**
 * What is left of a cut after trimming, kg/kg: what the trade's figures say, moved by what a shop weighed. The trade's band counts as
 * so many orders of its own; a shop's mean and spread take over as its orders outnumber them (a normal mean and variance, updated by
 * counting).
 */
final readonly class ExpectedYield
{
    /** The printed band is worth so many weighed orders. Ours. */
    private const BAND_IS_WORTH = 4;

    /** Two standard deviations each way hold nineteen of twenty. */
    private const SPREAD_SDS = 2.0;

    /** A band without width still leaves a knife some room, kg/kg. Common practice, no source. */
    private const LEAST_SD = 0.005;

    /** Further from the mean than so many standard deviations, it is asked whether that was right. Ours. */
    private const ODD_SDS = 3.0;

    private function __construct(public float $mean, private float $sd, public int $orders) {}

    /**
     * @param  list<float>  $weighed  yields of a shop's own orders for this cut
     * @param  list<float>  $byThisHand  those of one cutter, who starts from the shop's
     */
    public static function of(Cut $cut, array $weighed, array $byThisHand = []): self
    {
        [$low, $high] = $cut->trimYield();
        $band = new self(($low + $high) / 2.0, max(self::LEAST_SD, ($high - $low) / (2.0 * self::SPREAD_SDS)), 0);

        return $band->movedBy($weighed)->movedBy($byThisHand);
    }

    public function low(): float
    {
        return max(0.0, $this->mean - self::SPREAD_SDS * $this->sd);
    }

    public function high(): float
    {
        return min(1.0, $this->mean + self::SPREAD_SDS * $this->sd);
    }

    /** Whether a yield is so far off that somebody should look again before it counts. */
    public function isOdd(float $yield): bool
    {
        return abs($yield - $this->mean) > self::ODD_SDS * $this->sd || $yield > 1.0;
    }

    /** @param  list<float>  $weighed */
    private function movedBy(array $weighed): self
    {
        $count = count($weighed);
        if ($count === 0) {
            return $this;
        }
        $whole = self::BAND_IS_WORTH + $count;
        $mean = (self::BAND_IS_WORTH * $this->mean + array_sum($weighed)) / $whole;
        $off = self::BAND_IS_WORTH * ($this->sd ** 2 + ($this->mean - $mean) ** 2);
        foreach ($weighed as $yield) {
            $off += ($yield - $mean) ** 2;
        }

        return new self($mean, max(self::LEAST_SD, sqrt($off / $whole)), $this->orders + $count);
    }
}
