<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * Meat with open pores, as mince has that was not squeezed: water evaporates at the hot end of a pore and settles at the cold
 * one, which carries heat besides conduction: k + φ·D·L·dρ_v/dT·P/(P − p).
 *
 * @see de Vries (1958), Trans. Am. Geophys. Union 39, 909-916, heat and moisture in porous media; from memory
 */
final readonly class PorousMaterial implements Material
{
    /**
     * Open pores over the windings of their way. Chosen once so that a burger comes out at its customary time; common practice, no
     * source.
     */
    private const OPEN_SHARE = 0.05;

    private const PRESSURE_PA = 101_325.0;

    private const GAS_CONSTANT_VAPOUR = 461.5; // J/(kg·K)

    /** Near boiling the pores blow out instead: the factor P/(P − p) stops here. Our assumption, no source. */
    private const MOST_STEFAN = 10.0;

    private const LAST_C = 150;

    /** @var list<float> W/(m·K) that vapour adds at 0, 1 … 150 °C */
    private array $byVapour;

    public function __construct(private Material $solid)
    {
        $byVapour = [];
        for ($celsius = 0; $celsius <= self::LAST_C; $celsius++) {
            $byVapour[] = self::OPEN_SHARE * self::vapourWMK(min(100.0, $celsius));
        }
        $this->byVapour = $byVapour;
    }

    /** What vapour adds to conduction in a wide, straight pore, W/(m·K). */
    private static function vapourWMK(float $celsius): float
    {
        $kelvin = $celsius + Face::KELVIN;
        $diffusivityM2S = 2.26e-5 * ($kelvin / Face::KELVIN) ** 1.81; // water vapour in air; from memory
        $slopeKgM3K =
            (Evaporation::saturationPa($celsius + 0.5) - Evaporation::saturationPa($celsius - 0.5)) /
            (self::GAS_CONSTANT_VAPOUR * $kelvin);
        $stefan = min(self::MOST_STEFAN, self::PRESSURE_PA / max(1.0, self::PRESSURE_PA - Evaporation::saturationPa($celsius)));

        return $diffusivityM2S * Evaporation::latentHeatJKg($celsius) * $slopeKgM3K * $stefan;
    }

    public function conductivityWMK(float $celsius): float
    {
        return $this->solid->conductivityWMK($celsius) + $this->byVapour[max(0, min(self::LAST_C, (int) round($celsius)))];
    }

    public function heatCapacityJM3K(float $celsius): float
    {
        return $this->solid->heatCapacityJM3K($celsius);
    }

    public function conductivitiesWMK(array $celsius): array
    {
        $figures = $this->solid->conductivitiesWMK($celsius);
        foreach (array_values($celsius) as $i => $value) {
            $figures[$i] += $this->byVapour[$value <= 0.0 ? 0 : ($value >= self::LAST_C ? self::LAST_C : (int) ($value + 0.5))];
        }

        return array_values($figures);
    }

    public function heatCapacitiesJM3K(array $celsius): array
    {
        return $this->solid->heatCapacitiesJM3K($celsius);
    }

    public function isConstant(): bool
    {
        return false;
    }
}
