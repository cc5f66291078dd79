<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

use Nessmark\Data\Record;
use Nessmark\Heat\Plate;

/** The metal of a pan or griddle: what it holds, how far along it heat is drawn to a cold piece, and how large it is. */
final readonly class Metal
{
    private const CM2 = 1e-4;

    private const MM = 1e-3;

    /** Pieces never lie closer than this share of the metal: they have edges. Common practice, no source. */
    private const FULL_AT = 0.9;

    private function __construct(public float $heatCapacityJM2K, private float $reachM, public float $areaM2) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->number('heat_capacity_j_m2k'),
            $record->number('reach_mm') * self::MM,
            $record->number('area_cm2') * self::CM2,
        );
    }

    /** How many such pieces go on at once, at least one. */
    public function holds(Load $load): int
    {
        return max(1, (int) floor(self::FULL_AT * $this->areaM2 / $load->faceM2));
    }

    /**
     * The metal as a piece feels it: it draws on the rim around it as far as heat comes along the metal (which is cooled by half
     * there, on average), but on no more than its own share of the pan.
     *
     * @param  float  $setC  surface of the empty metal, °C
     */
    public function plate(float $setC, Load $load, Burner $burner): Plate
    {
        $widthM = sqrt($load->faceM2);
        $reached = ($widthM + $this->reachM) ** 2;
        $ownShare = $this->areaM2 / min($load->pieces, $this->holds($load));
        $drawn = max(1.0, min($reached, $ownShare) / $load->faceM2);

        return new Plate($setC, $drawn * $this->heatCapacityJM2K, $drawn * $burner->mostWM2, $drawn * $burner->lossWM2K, $burner->roomC);
    }
}
