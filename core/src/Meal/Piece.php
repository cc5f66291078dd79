<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Meat\Cut;
use Nessmark\Meat\Rearing;
use Nessmark\Meat\Surface;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Quantity\Temperature;
use Nessmark\Stock\Lot;

/** The meat of a dish as it comes to the fire. */
final readonly class Piece
{
    /**
     * @param  Cut  $cut  with the fat of its grade, as it was treated and reared
     * @param  Length|null  $thinEnd  where one end is thinner
     * @param  Temperature  $start  of the core, when it is put on
     * @param  float  $outOfFridgeS  how long it stands in the room before; the start is what its core has by then
     * @param  Mass|null  $raw  sold by weight, whatever the portions
     * @param  Rearing|null  $rearing  how the animal lived, where somebody said
     * @param  Lot|null  $lot  what it is sold from
     */
    public function __construct(
        public Cut $cut,
        public Length $thickness,
        public ?Length $thinEnd,
        public Temperature $start,
        public Surface $surface,
        public float $outOfFridgeS,
        public ?Mass $raw,
        public bool $isParasiteFrozen,
        public ?Rearing $rearing,
        public ?Lot $lot,
    ) {}
}
