<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * Thermal properties of the components of food, p = a + b·T + c·T² with T in °C, valid from -40 to 150 °C.
 *
 * @see Choi & Okos (1986), "Effects of temperature and composition on the thermal properties of foods", Food
 *      Engineering and Process Applications 1, 93-101. Coefficients from memory, checked against each other. The
 *      conductivity of fat is the one with b = -2.7604e-4; some reprints give e-3, which turns negative at 65 °C.
 */
final class ChoiOkos
{
    public const MIN_CELSIUS = -40.0;

    public const MAX_CELSIUS = 150.0;

    /** W/(m·K) */
    private const CONDUCTIVITY = [
        'water' => [0.57109, 1.7625e-3, -6.7036e-6],
        'protein' => [0.17881, 1.1958e-3, -2.7178e-6],
        'fat' => [0.18071, -2.7604e-4, -1.7749e-7],
        'carbohydrate' => [0.20141, 1.3874e-3, -4.3312e-6],
        'fibre' => [0.18331, 1.2497e-3, -3.1683e-6],
        'ash' => [0.32962, 1.4011e-3, -2.9069e-6],
    ];

    /** kg/m³ */
    private const DENSITY = [
        'water' => [997.18, 3.1439e-3, -3.7574e-3],
        'protein' => [1329.9, -0.5184, 0.0],
        'fat' => [925.59, -0.41757, 0.0],
        'carbohydrate' => [1599.1, -0.31046, 0.0],
        'fibre' => [1311.5, -0.36589, 0.0],
        'ash' => [2423.8, -0.28063, 0.0],
    ];

    /** J/(kg·K) */
    private const SPECIFIC_HEAT = [
        'water' => [4176.2, -0.090864, 5.4731e-3],
        'protein' => [2008.2, 1.2089, -1.3129e-3],
        'fat' => [1984.2, 1.4733, -4.8008e-3],
        'carbohydrate' => [1548.8, 1.9625, -5.9399e-3],
        'fibre' => [1845.9, 1.8306, -4.6509e-3],
        'ash' => [1092.6, 1.8896, -3.6817e-3],
    ];

    private function __construct() {}

    /** Density, kg/m³: one over the sum of mass fraction over density. */
    public static function densityKgM3(Composition $composition, float $celsius): float
    {
        $specificVolume = 0.0;
        foreach ($composition->fractions as $component => $fraction) {
            $specificVolume += $fraction / self::evaluate(self::DENSITY[$component], $celsius);
        }

        return 1.0 / $specificVolume;
    }

    /** Specific heat, J/(kg·K): by mass fraction. */
    public static function specificHeatJKgK(Composition $composition, float $celsius): float
    {
        $sum = 0.0;
        foreach ($composition->fractions as $component => $fraction) {
            $sum += $fraction * self::evaluate(self::SPECIFIC_HEAT[$component], $celsius);
        }

        return $sum;
    }

    /** Conductivity, W/(m·K): the components side by side (parallel), by volume fraction. */
    public static function conductivityWMK(Composition $composition, float $celsius): float
    {
        $density = self::densityKgM3($composition, $celsius);
        $sum = 0.0;
        foreach ($composition->fractions as $component => $fraction) {
            $volumeFraction = $fraction * $density / self::evaluate(self::DENSITY[$component], $celsius);
            $sum += $volumeFraction * self::evaluate(self::CONDUCTIVITY[$component], $celsius);
        }

        return $sum;
    }

    /** @param  array{float, float, float}  $abc */
    private static function evaluate(array $abc, float $celsius): float
    {
        $t = max(self::MIN_CELSIUS, min(self::MAX_CELSIUS, $celsius));

        return $abc[0] + $t * ($abc[1] + $t * $abc[2]);
    }
}
