<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** Meat that may go into a blend, and how much of it may, as shares of the whole. */
final readonly class BlendPart
{
    /**
     * @param  float  $fat  kg/kg
     * @param  float  $costPerKg  in the shop's currency
     * @param  int  $flavour  1 mild to 5 strong
     * @param  float  $least  share, 0 to 1
     * @param  float  $most  share: as wanted, and no more than there is
     */
    public function __construct(
        public string $name,
        public float $fat,
        public float $costPerKg,
        public int $flavour,
        public float $least,
        public float $most,
    ) {}
}
