<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What it comes to, in whole units of the currency. */
final readonly class Price
{
    /**
     * @param  float  $weighedG  of the lot: more than goes on the fire where more than usual comes off at the bench
     * @param  float|null  $seasoning  what of the total is for the seasoning, where the shop sells it
     */
    public function __construct(
        public string $lot,
        public string $currency,
        public float $perKg,
        public float $weighedG,
        public float $total,
        public float $aHead,
        public float $cooked100g,
        public ?float $seasoning,
    ) {}
}
