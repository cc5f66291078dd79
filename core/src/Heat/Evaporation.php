<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * Water leaving a surface into air, or settling on it from steam: mass transfer after the Lewis analogy, with Stefan flow.
 * m″ = φ·ρ_v-film·h_m·ln((p − p_air)/(p − a_w·p_sat)), h_m = h/(ρ·cp·Le^⅔). Near boiling the logarithm has no end, which is what
 * holds a wet surface at 100 °C; past 99.5 °C it is carried on by its tangent. Sea level.
 *
 * @see Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, sections 6.7 and 14.2 (analogy, Stefan flow); from memory
 */
final class Evaporation
{
    /** Air pressure at sea level, Pa (ICAO standard atmosphere). */
    private const PRESSURE_PA = 101_325.0;

    private const KELVIN = 273.15;

    /** J/(kg·K), water vapour and dry air (universal gas constant over molar mass). */
    private const GAS_CONSTANT_VAPOUR = 461.5;

    private const GAS_CONSTANT_AIR = 287.05;

    /** J/(kg·K), air between 20 and 200 °C (textbook value). */
    private const SPECIFIC_HEAT_AIR = 1010.0;

    /** Le^⅔ of water vapour in air, Le about 0.86 (textbook value). */
    private const LEWIS = 0.904;

    /** Where the logarithm gives way to its tangent, °C. */
    private const TANGENT_FROM_C = 99.5;

    private function __construct() {}

    /**
     * Vapour pressure over water, Pa. Antoine equation, 1 to 100 °C (NIST coefficients in mmHg; from memory), carried on below.
     */
    public static function saturationPa(float $celsius): float
    {
        return 133.322 * 10.0 ** (8.07131 - 1730.63 / (233.426 + max(-10.0, min(120.0, $celsius))));
    }

    /** Heat taken to evaporate, J/kg: 2.501 MJ/kg at 0 °C, falling by 2.36 kJ/kg a degree (steam tables, straight line; from memory). */
    public static function latentHeatJKg(float $celsius): float
    {
        return 2_501_000.0 - 2361.0 * max(0.0, min(120.0, $celsius));
    }

    /**
     * @param  float  $hWM2K  convective heat transfer coefficient of the face
     * @param  float  $surfaceC  of the evaporating water
     * @param  float  $activity  water activity of the surface, 0 to 1
     * @param  float  $wetness  share of the surface that is wet, 0 to 1
     * @param  float  $crustM  dry crust the vapour has to pass, m
     * @return float kg/(m²·s); negative where steam settles
     */
    public static function fluxKgM2S(
        float $hWM2K,
        float $surfaceC,
        float $ambientC,
        float $vapourPa,
        float $activity,
        float $wetness,
        float $crustM = 0.0,
    ): float {
        $capped = min($surfaceC, self::TANGENT_FROM_C);
        $flux = self::plainFlux($hWM2K, $capped, $ambientC, $vapourPa, $activity, $wetness, $crustM);
        if ($surfaceC <= self::TANGENT_FROM_C) {
            return $flux;
        }
        $before = self::plainFlux($hWM2K, self::TANGENT_FROM_C - 0.1, $ambientC, $vapourPa, $activity, $wetness, $crustM);

        return $flux + 10.0 * ($flux - $before) * ($surfaceC - self::TANGENT_FROM_C);
    }

    private static function plainFlux(
        float $hWM2K,
        float $surfaceC,
        float $ambientC,
        float $vapourPa,
        float $activity,
        float $wetness,
        float $crustM,
    ): float {
        $filmK = self::KELVIN + 0.5 * ($surfaceC + min($ambientC, 300.0));
        $airKgM3 = self::PRESSURE_PA / (self::GAS_CONSTANT_AIR * $filmK);
        $filmMS = $hWM2K / ($airKgM3 * self::SPECIFIC_HEAT_AIR * self::LEWIS);
        $transferMS = $crustM > 0.0 ? 1.0 / (1.0 / max(1e-9, $filmMS) + $crustM / Crust::VAPOUR_DIFFUSIVITY_M2_S) : $filmMS;
        $overSurfacePa = min(0.9995 * self::PRESSURE_PA, $activity * self::saturationPa($surfaceC));
        $inAirPa = min(0.9995 * self::PRESSURE_PA, $vapourPa);

        return (($wetness * $transferMS * self::PRESSURE_PA) / (self::GAS_CONSTANT_VAPOUR * $filmK)) *
            log((self::PRESSURE_PA - $inAirPa) / (self::PRESSURE_PA - $overSurfacePa));
    }
}
