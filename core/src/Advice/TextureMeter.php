<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Meat\Cap;
use Nessmark\Texture\Rendering;

/** What the bite will be: how far the collagen has turned at the core, and how far a cap of fat has rendered. */
final readonly class TextureMeter
{
    private function __construct() {}

    /** @return array{collagen_turned_share: float, fat_rendered_share: float|null} null where no cap lies on the flat of the piece */
    public static function of(Ask $ask, Cook $cook): array
    {
        $cap = Cap::over($ask->cut, $ask->thickness);
        if ($cap === null) {
            return ['collagen_turned_share' => round($cook->melt->share(), 2), 'fat_rendered_share' => null];
        }
        [[, $skinM], [, $fatM]] = $cap->layers();
        $rendered = 0.0;
        $inCap = 0;
        foreach ($cook->simulator->grid->depthM as $i => $depthM) {
            if ($depthM >= $skinM && $depthM <= $skinM + $fatM) {
                $rendered += Rendering::renderedShare($cook->peak->celsius[$i]);
                $inCap++;
            }
        }

        return ['collagen_turned_share' => round($cook->melt->share(), 2), 'fat_rendered_share' => $inCap === 0 ? null : round($rendered / $inCap, 2)];
    }
}
