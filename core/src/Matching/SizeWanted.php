<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\Portions;
use Nessmark\Meal\Eaters;
use Nessmark\Meal\Sale;
use Nessmark\Meat\Cut;
use Nessmark\Meat\SoldBy;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** How much is wanted, where more was said than who eats: pieces, their weight, the weight in all, a part of one, bones. */
final readonly class SizeWanted
{
    /**
     * @param  Mass|null  $inAll  asked for by weight, whatever the portions
     * @param  Mass|null  $each  of each piece, or a head of what is weighed out
     * @param  float|null  $part  of one as it is usually sold: half a shoulder
     */
    public function __construct(
        public ?Mass $inAll = null,
        public ?Mass $each = null,
        public ?int $pieces = null,
        public ?float $part = null,
        public ?int $bones = null,
    ) {}

    /** Whether the portions no longer decide. */
    public function isSaid(): bool
    {
        return $this->inAll !== null || $this->each !== null || $this->pieces !== null || $this->part !== null || $this->bones !== null;
    }

    /** A weight said of a bird or a joint is that piece's own; said of several, each has its part. */
    private function ofWhole(Portions $portions, Cut $cut): ?Mass
    {
        if ($this->inAll === null || $portions->isCounted($cut) || $cut->build->soldBy !== SoldBy::Piece) {
            return null;
        }
        [$lightestG, $heaviestG] = $cut->build->soldG();
        $inAllG = $this->inAll->toGrams();
        $pieces = $this->pieces ?? (int) max(1, ceil($inAllG / $heaviestG));
        $eachG = $inAllG / $pieces;

        return $eachG >= $lightestG && $eachG <= $heaviestG ? Mass::ofGrams($eachG) : null;
    }

    public function sale(Portions $portions, Cut $cut, Eaters $eaters, ?Length $thickness, float $scale, int $apart): Sale
    {
        $soldBy = $cut->build->soldBy;
        $isCounted = in_array($soldBy, [SoldBy::Piece, SoldBy::Slice, SoldBy::Bones], true);
        $each = match (true) {
            $this->part !== null => Mass::ofGrams($this->part * $cut->build->typicalG),
            $this->bones !== null && $cut->build->bones !== null => Mass::ofGrams(
                ($this->bones * $cut->build->typicalG) / $cut->build->bones,
            ),
            default => $this->each,
        };
        if (! $isCounted && $this->each !== null) {
            // so much a head of what is cut off or weighed out
            $inAll = $this->each->times($this->pieces ?? $eaters->heads());

            return $portions->sale($cut, $eaters, $thickness, null, $inAll, null, $scale, $apart);
        }

        $each ??= $this->ofWhole($portions, $cut);

        return $portions->sale($cut, $eaters, $thickness, $each, $this->inAll, $isCounted ? $this->pieces : null, $scale, $apart);
    }
}
