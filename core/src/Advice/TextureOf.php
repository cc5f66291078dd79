<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\PeakProfile;
use Nessmark\Meal\Plate;
use Nessmark\Meat\Cap;
use Nessmark\Texture\MeltTrace;
use Nessmark\Texture\Rendering;
use Nessmark\Ticket\TextureMeter;

/** What the bite will be: how far the collagen has turned at the core, and how far a cap of fat has rendered. */
final readonly class TextureOf
{
    private function __construct() {}

    public static function cook(Plate $plate, Cook $cook): TextureMeter
    {
        $cap = Cap::over($plate->piece->cut, $plate->piece->size->thickness, $cook->simulator->body->extentM);
        if ($cap === null) {
            return new TextureMeter(round($cook->saw(MeltTrace::class)->share(), 2), null);
        }
        [[, $skinM], [, $fatM]] = $cap->layers();
        $rendered = 0.0;
        $inCap = 0;
        foreach ($cook->simulator->grid->depthM as $i => $depthM) {
            if ($depthM >= $skinM && $depthM <= $skinM + $fatM) {
                $rendered += Rendering::renderedShare($cook->saw(PeakProfile::class)->celsius[$i]);
                $inCap++;
            }
        }

        return new TextureMeter(round($cook->saw(MeltTrace::class)->share(), 2), $inCap === 0 ? null : round($rendered / $inCap, 2));
    }
}
