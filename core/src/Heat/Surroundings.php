<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * What a fire amounts to for a piece, taken as one temperature all round and one straight line to it: with its glow, and with what
 * drying takes.
 */
final readonly class Surroundings
{
    private const COLDEST_C = -60.0;

    private const HOTTEST_C = 400.0;

    private const HALVINGS = 24;

    /** A surface held at a temperature: as good as no film at all. */
    private const HELD_WM2K = 1e5;

    /** @param  float  $celsius  where a surface would settle */
    private function __construct(public float $celsius, public float $hWM2K) {}

    /**
     * Both faces of a piece that is turned, or the same one twice.
     *
     * @param  float|null  $wetness  share of the surface that dries as if it were water; null where nothing evaporates
     */
    public static function of(Face $a, Face $b, float $startC, ?float $wetness): self
    {
        [$low, $high] = [self::COLDEST_C, self::HOTTEST_C];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = self::intoWM2($a, $b, $middle, $wetness) > 0.0 ? [$middle, $high] : [$low, $middle];
        }
        $settlesC = 0.5 * ($low + $high);
        $halfWayC = 0.5 * ($settlesC + $startC);

        return new self($settlesC, abs(self::intoWM2($a, $b, $halfWayC, $wetness) / max(1.0, abs($settlesC - $halfWayC))));
    }

    /** The mean of both faces. */
    private static function intoWM2(Face $a, Face $b, float $surfaceC, ?float $wetness): float
    {
        $sum = 0.0;
        foreach ([$a, $b] as $face) {
            $sum += $face->fixedC === null ? $face->intoWM2($surfaceC) : self::HELD_WM2K * ($face->fixedC - $surfaceC);
            if ($face->isSealed) {
                $sum -= Boiling::takesWM2($surfaceC)[0];
            } elseif ($wetness !== null && $face->breathes()) {
                $flux = Evaporation::fluxKgM2S(
                    $face->escapeWM2K ?? $face->hWM2K,
                    $surfaceC,
                    $face->ambientC,
                    $face->vapourPa,
                    1.0,
                    $face->wetness ?? $wetness,
                );
                $sum -= $flux * Evaporation::latentHeatJKg($surfaceC);
            }
        }

        return 0.5 * $sum;
    }
}
