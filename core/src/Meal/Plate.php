<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Safety\Serving;

/** A dish for one of its shares: what one cook is for. */
final readonly class Plate
{
    /** @param  Piece  $piece  its part of it */
    public function __construct(
        public Piece $piece,
        public Way $way,
        public Share $share,
        public Occasion $occasion,
    ) {}

    public function cooked(Way $way): self
    {
        return new self($this->piece, $way, $this->share, $this->occasion);
    }

    /** What safety has to know of it. */
    public function serving(): Serving
    {
        return new Serving(
            $this->piece->cut,
            $this->share->eaters->isAnyoneAtRisk(),
            $this->occasion->house->standard,
            $this->piece->rearing,
            $this->piece->isParasiteFrozen,
            $this->way->method->isInBath(),
            $this->share->eaters->isAnyChild(),
            $this->share->avoided,
        );
    }
}
