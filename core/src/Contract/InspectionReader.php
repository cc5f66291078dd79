<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Meat\Cut;
use Nessmark\Meat\Gauged;

/** Reads what was seen and gauged on the piece itself. */
final class InspectionReader
{
    public const THINNEST_MM = 3.0;

    private const THICKEST_CAP_MM = 60.0;

    private function __construct() {}

    /** What was found on the piece goes before what the cut usually has. */
    public static function found(Fields $in, Cut $cut): Cut
    {
        $capMm = $in->optionalNumber('cap_mm', 0.0, self::THICKEST_CAP_MM);
        $cut = $capMm === null ? $cut : $cut->capped($capMm);

        return $in->has('membrane') ? $cut->membraned($in->flagOr('membrane', false)) : $cut;
    }

    /** Measured places; their mean is its thickness and goes before what was said of it. */
    public static function gauged(Fields $in, Cut $cut): ?Gauged
    {
        $points = $in->has('points_mm')
            ? $in->numbers('points_mm', Gauged::MOST_POINTS, self::THINNEST_MM, max($cut->build->thickestMm, self::THINNEST_MM))
            : [];
        if ($points === []) {
            return null;
        }
        $gauged = new Gauged($points);
        $meanMm = $gauged->mean()->toMillimetres();
        if ($meanMm < $cut->build->thinnestMm) {
            $in->refuse('points_mm', 'out_of_range', round($meanMm, 1), 'thickness_for', [
                'min_mm' => $cut->build->thinnestMm,
                'max_mm' => $cut->build->thickestMm,
                'cut' => $cut->name,
            ]);
        }

        return $gauged;
    }
}
