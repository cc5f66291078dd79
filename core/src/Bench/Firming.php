<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Data\Record;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;

/**
 * How long meat stands in a freezer until a knife goes through it cleanly: cooled to where its water begins to freeze, and a small share of
 * the time it takes to freeze through. The air is what holds heat back. The share is common practice, no source.
 */
final readonly class Firming
{
    private const DENSITY_KG_M3 = 1050.0;

    private const ABOVE_FREEZING_KJ_KGK = 3.5;

    private Freezing $freezing;

    public function __construct(private Record $freezer)
    {
        $this->freezing = new Freezing($freezer);
    }

    /** Frozen through, s. */
    public function frozenS(Cut $cut, Length $thickness): float
    {
        return $this->freezing->throughS($cut->composition, $thickness);
    }

    /** Firm, not frozen through, s. */
    public function firmS(Cut $cut, Length $thickness): float
    {
        $perKM2 = (self::DENSITY_KG_M3 * self::ABOVE_FREEZING_KJ_KGK * 1000.0 * $thickness->toMetres()) / 2.0;
        [$start, $end] = [$this->freezer->number('start_c'), $this->freezer->number('freezes_from_c')];

        return $this->cooledS($perKM2, $start, $end) + $this->freezer->number('firm_share') * $this->frozenS($cut, $thickness);
    }

    /** The plate, the worm and the bowl, until they are as cold as the meat should be, s. */
    public function partsS(float $belowC): float
    {
        return $this->cooledS($this->freezer->number('parts_j_m2k'), $this->freezer->number('room_c'), $belowC);
    }

    /** @param  float  $perKM2  heat that a degree gives off, J/(m²·K) */
    private function cooledS(float $perKM2, float $fromC, float $toC): float
    {
        $air = $this->freezer->number('air_c');

        return ($perKM2 / $this->freezer->number('h_w_m2k')) * log(($fromC - $air) / ($toC - $air));
    }
}
