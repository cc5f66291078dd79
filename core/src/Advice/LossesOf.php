<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\Crust;
use Nessmark\Heat\Tissue;
use Nessmark\Meal\Plate;
use Nessmark\Texture\WaterHolding;
use Nessmark\Ticket\Losses;

/** What the piece loses on the way to the plate. */
final readonly class LossesOf
{
    private const RAW_AT_C = 5.0;

    private function __construct() {}

    /**
     * What evaporates comes out of the march; what the shrinking lean lets go besides goes by how hot each depth was, and how long;
     * bone loses nothing.
     * The two overlap: the juice that is pressed out feeds the drying surface, so the larger of the two counts at each depth.
     *
     * Crust of both faces averaged, or of the outer one; fat has next to no water to dry out of it, and is rendered, not a crust.
     */
    public static function cook(Plate $plate, Cook $cook): Losses
    {
        $grid = $cook->simulator->grid;
        $moisture = $cook->ends[count($cook->ends) - 1]->end->moisture;
        $rawKgM3 = ChoiOkos::densityKgM3($plate->piece->cut->composition, self::RAW_AT_C);
        $leanShare = $plate->piece->cut->leanShare();
        $surfaceShare = $cook->simulator->body->surfaceShare;
        $lostKg = 0.0;
        $driedM = 0.0;
        $fatKgM3 = Tissue::Fat->waterKgM3($rawKgM3);
        foreach ($grid->volume as $i => $volume) {
            $dried = 1.0 - ($moisture->shares[$i] ?? 1.0);
            $driedKgM3 = $surfaceShare * $dried * ($moisture->waterKgM3[$i] ?? 0.0);
            $lostKg +=
                $volume * max($driedKgM3, $leanShare * $cook->saw(WaterHolding::class)->lost[$i] * $rawKgM3);
            $isFat = ($moisture->waterKgM3[$i] ?? 0.0) <= $fatKgM3;
            $driedM += ! $isFat && $dried >= 1.0 - Crust::DRY_BELOW ? self::widthM($cook, $i) : 0.0;
        }
        $isSlab = $cook->simulator->body->isSlab;
        $meatShare = 1.0 - $plate->piece->cut->covering->boneShare;

        return new Losses(
            round(($meatShare * $surfaceShare * ($moisture->lostKg ?? 0.0)) / ($rawKgM3 * $grid->totalVolume()), 3),
            round(($meatShare * $lostKg) / ($rawKgM3 * $grid->totalVolume()), 3),
            round(($driedM * 1000.0) / ($isSlab ? 2.0 : 1.0), 1),
        );
    }

    /** Half the way to the node before and half the way to the one behind. */
    private static function widthM(Cook $cook, int $i): float
    {
        $depthM = $cook->simulator->grid->depthM;

        return 0.5 * (($depthM[$i + 1] ?? $depthM[$i]) - ($depthM[$i - 1] ?? $depthM[$i]));
    }
}
