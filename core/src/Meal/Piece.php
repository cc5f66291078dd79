<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Meat\Cut;
use Nessmark\Meat\Gauged;
use Nessmark\Meat\Rearing;
use Nessmark\Meat\Size;
use Nessmark\Meat\Surface;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Quantity\Temperature;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/** The meat of a dish as it comes to the fire. */
final readonly class Piece
{
    /**
     * @param  Cut  $cut  with the fat of its grade, as it was treated and reared
     * @param  Size  $size  of one of them
     * @param  int|null  $count  how many; null for what is weighed out
     * @param  Phrase|null  $whySoMuch  where it is not just the weight of the portions
     * @param  Length|null  $thinEnd  where one end is thinner
     * @param  Temperature  $start  of the core, when it is put on
     * @param  float  $outOfFridgeS  how long it stands in the room before; the start is what its core has by then
     * @param  Rearing|null  $rearing  how the animal lived, where somebody said
     * @param  Lot|null  $lot  what it is sold from
     * @param  Gauged|null  $gauged  its thickness as measured, where somebody did
     */
    public function __construct(
        public Cut $cut,
        public Size $size,
        public ?int $count,
        public ?Phrase $whySoMuch,
        public ?Length $thinEnd,
        public Temperature $start,
        public Surface $surface,
        public float $outOfFridgeS,
        public bool $isParasiteFrozen,
        public ?Rearing $rearing,
        public ?Lot $lot,
        public ?Gauged $gauged = null,
    ) {}

    /** All of them. */
    public function raw(): Mass
    {
        return $this->size->mass->times($this->count ?? 1);
    }

    /** So many of them, or so much of it. */
    public function part(?int $count, float $share): self
    {
        return new self(
            $this->cut,
            $count === null ? $this->size->part($share) : $this->size,
            $count,
            $this->whySoMuch,
            $this->thinEnd,
            $this->start,
            $this->surface,
            $this->outOfFridgeS,
            $this->isParasiteFrozen,
            $this->rearing,
            $this->lot,
            $this->gauged,
        );
    }
}
