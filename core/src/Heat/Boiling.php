<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** What boiling takes from a surface under a lid or in foil: next to nothing below, then whatever comes. Figures ours. */
final class Boiling
{
    /** Juice under its own steam, with some air left, °C. */
    private const FROM_C = 97.0;

    /** W/(m²·K) above that: enough to hold it. */
    private const STRENGTH_WM2K = 1000.0;

    /** It sets in over so many degrees, which keeps the march smooth, K. */
    private const OVER_K = 0.7;

    private function __construct() {}

    /** @return array{float, float} W/m² and W/(m²·K) */
    public static function takesWM2(float $surfaceC): array
    {
        $x = ($surfaceC - self::FROM_C) / self::OVER_K;
        $share = $x > 40.0 ? 1.0 : exp($x) / (1.0 + exp($x));

        return [self::STRENGTH_WM2K * self::OVER_K * ($x > 40.0 ? $x : log(1.0 + exp($x))), self::STRENGTH_WM2K * $share];
    }
}
