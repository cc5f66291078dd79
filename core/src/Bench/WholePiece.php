<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Meat\Cut;
use Nessmark\Meat\Form;
use Nessmark\Meat\SoldBy;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;

/**
 * A loin, a rib, a fillet before it is portioned: so heavy, so long, its section falling evenly from the thick end to the thin one. Between
 * bones it is cut only from rib to rib.
 */
final readonly class WholePiece
{
    /**
     * @param  float  $taper  section at the thin end over that at the thick end, above 0 to 1
     * @param  float  $endMm  squared off at each end
     * @param  float  $kerfMm  that a blade turns to dust; none for a knife
     * @param  int|null  $ribs  along it, evenly spaced; null where there is no bone
     */
    public function __construct(
        public int $massG,
        public float $lengthMm,
        public float $taper,
        public float $endMm,
        public float $kerfMm,
        public ?int $ribs,
    ) {}

    /** Whether a lot is of whole pieces that are cut across: a loin, a rack, a boneless roast, what is sliced to order. */
    public static function canBe(Lot $lot): bool
    {
        $cut = $lot->cut;
        $isAcross = $cut->isSlicedToOrder() ||
            in_array($cut->build->soldBy, [SoldBy::Length, SoldBy::Bones], true) ||
            ($cut->form === Form::Roast && $cut->covering->isBoneless());

        return $isAcross && $lot->thickness === null && $lot->left !== null && $lot->leadDays === 0;
    }

    /** How long so much of a cut usually is, mm: slices laid on each other, or the piece itself. */
    public static function usualLengthMm(Cut $cut, float $grams): float
    {
        return $cut->build->soldBy === SoldBy::Slice
            ? ($cut->build->typicalMm * $grams) / $cut->build->typicalG
            : $cut->size(null, Mass::ofGrams($grams))->length()->toMillimetres();
    }

    public function fromMm(): float
    {
        return $this->endMm;
    }

    public function toMm(): float
    {
        return $this->lengthMm - $this->endMm;
    }

    /** Weight between two places, g. */
    public function grams(float $fromMm, float $toMm): float
    {
        return ($this->massG * ($this->volume($toMm) - $this->volume($fromMm))) / $this->volume($this->lengthMm);
    }

    /** Where so much from a place on ends, mm; past the thin end for more than there is. */
    public function endOf(float $fromMm, float $grams): float
    {
        $wanted = $this->volume($fromMm) + ($grams * $this->volume($this->lengthMm)) / $this->massG;
        $bend = (1.0 - $this->taper) / (2.0 * $this->lengthMm);
        if ($wanted > $this->volume($this->lengthMm) + 1e-9) {
            return INF;
        }

        return $bend < 1e-12 ? $wanted : (1.0 - sqrt(max(0.0, 1.0 - 4.0 * $bend * $wanted))) / (2.0 * $bend);
    }

    /** From the thick end to a place, in mm of its section there. */
    private function volume(float $mm): float
    {
        return $mm - ((1.0 - $this->taper) * $mm ** 2) / (2.0 * $this->lengthMm);
    }
}
