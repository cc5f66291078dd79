<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** What each volume of a body can hold, pass on and lose at a given moment: its material, its faces, the water it gives off. */
final readonly class Balance
{
    private const WATER_J_KGK = 4180.0; // liquid water, 20 to 100 °C (steam tables)

    /** However watery, what dries keeps at least this share of its heat capacity: the solids. Our assumption, no source. */
    private const LEAST_DRY = 0.1;

    public function __construct(private Grid $grid, private Material $material) {}

    /**
     * @param  array<int, float>  $celsius
     * @param  float|null  $plateC  the metal a face with a plate rests on, °C
     * @return array{list<float>, list<float>, float, float, float, float, list<array{int, float, float, float,
     *     float}>} capacity of each volume, link between neighbours; h·area and the heat it would pass into a surface at 0 °C,
     *     for face a and for face b; then where water leaves: node, W/K, W, kg/s at 0 °C and kg/(s·K)
     */
    public function of(array $celsius, Face $a, Face $b, ?Moisture $moisture, ?float $plateC = null): array
    {
        $capacity = $link = [];
        $heatCapacity = $this->material->heatCapacitiesJM3K($celsius);
        $conductivity = $this->material->conductivitiesWMK($celsius);
        if ($moisture !== null) {
            foreach ($moisture->shares as $i => $share) {
                if ($share < 1.0) {
                    $dry = $heatCapacity[$i] - (1.0 - $share) * $moisture->waterKgM3[$i] * self::WATER_J_KGK;
                    $heatCapacity[$i] = $dry > self::LEAST_DRY * $heatCapacity[$i] ? $dry : self::LEAST_DRY * $heatCapacity[$i];
                    $conductivity[$i] *= Crust::CONDUCTIVITY_SHARE + (1.0 - Crust::CONDUCTIVITY_SHARE) * $share;
                }
            }
        }
        foreach ($this->grid->volume as $i => $volume) {
            $capacity[] = $heatCapacity[$i] * $volume;
        }
        if ($this->material instanceof LayeredMaterial) {
            foreach ($this->grid->areaOverStep as $i => $areaOverStep) {
                $link[] =
                    ((2.0 * $conductivity[$i] * $conductivity[$i + 1]) / ($conductivity[$i] + $conductivity[$i + 1])) * $areaOverStep;
            }
        } else {
            foreach ($this->grid->areaOverStep as $i => $areaOverStep) {
                $link[] = 0.5 * ($conductivity[$i] + $conductivity[$i + 1]) * $areaOverStep;
            }
        }
        $last = $this->grid->cells - 1;
        [$hA, $sourceA] = self::exchange($a, $celsius[0], $this->grid->innerArea, $plateC);
        [$hB, $sourceB] = self::exchange($b, $celsius[$last], $this->grid->outerArea, $plateC);
        $sinks = [];
        if ($moisture !== null) {
            foreach ([[$a, false, $this->grid->innerArea], [$b, true, $this->grid->outerArea]] as [$face, $isB, $area]) {
                foreach ($area > 0.0 && $face->breathes() ? $moisture->fronts($isB) : [] as [$node, $weight]) {
                    $sinks[] = $this->sink($face, $isB, $area * $weight, $node, $celsius[$node], $moisture);
                }
            }
        }

        return [$capacity, $link, $hA, $sourceA, $hB, $sourceB, $sinks];
    }

    /**
     * @return array{int, float, float, float, float} node, and evaporation there as a straight line around its temperature: W/K, W,
     * kg/s at 0 °C, kg/(s·K)
     */
    private function sink(Face $face, bool $isB, float $area, int $node, float $celsius, Moisture $moisture): array
    {
        if ($face->isSealed) {
            // what boils off settles again: it takes the heat along and leaves the water
            [$wattsM2, $slopeWM2K] = Boiling::takesWM2($celsius);

            return [$node, $slopeWM2K * $area, ($slopeWM2K * $celsius - $wattsM2) * $area, 0.0, 0.0];
        }
        $crustM = match (true) {
            $face->wetness !== null && $face->wetness >= 1.0 => 0.0, // a film of juice covers the crust
            $isB => $this->grid->depthM[$this->grid->cells - 1] - $this->grid->depthM[$node],
            default => $this->grid->depthM[$node],
        };
        $flux = static fn (float $at): float => Evaporation::fluxKgM2S(
            $face->escapeWM2K ?? $face->hWM2K,
            $at,
            $face->ambientC,
            $face->vapourPa,
            1.0,
            $face->wetness ?? $moisture->wetness,
            $crustM,
        );
        $here = $flux($celsius);
        $slope = 10.0 * ($flux($celsius + 0.1) - $here);
        $atZero = $here - $slope * $celsius;
        $latent = Evaporation::latentHeatJKg($celsius);

        return [$node, $latent * $slope * $area, -$latent * $atZero * $area, $atZero * $area, $slope * $area];
    }

    /**
     * @param  list<array{int, float, float, float, float}>  $sinks
     * @return array{list<float>, list<float>} W/K lost by each node, and W it would take up at 0 °C
     */
    public static function gathered(int $last, float $hA, float $sourceA, float $hB, float $sourceB, array $sinks): array
    {
        $loss = $source = array_fill(0, $last + 1, 0.0);
        $loss[0] += $hA;
        $source[0] += $sourceA;
        $loss[$last] += $hB;
        $source[$last] += $sourceB;
        foreach ($sinks as [$node, $perKelvin, $watts]) {
            $loss[$node] += $perKelvin;
            $source[$node] += $watts;
        }

        return [array_values($loss), array_values($source)];
    }

    /**
     * The water left after a step. What has settled drips off and is not counted.
     *
     * @param  list<array{int, float, float, float, float}>  $sinks
     * @param  array<int, float>  $meanC  °C over the step at each node water leaves from
     */
    public function dried(Moisture $moisture, array $sinks, float $dt, array $meanC): Moisture
    {
        $shares = $moisture->shares;
        $lost = 0.0;
        foreach ($sinks as [$node, , , $atZero, $slope]) {
            $wanted = max(0.0, $dt * ($atZero + $slope * $meanC[$node]));
            $inward = $node <= $this->grid->cells >> 1 && $this->grid->innerArea > 0.0 ? 1 : -1;
            for ($i = $node; $wanted > 0.0 && isset($shares[$i]); $i += $inward) {
                $held = $moisture->waterKgM3[$i] * $this->grid->volume[$i];
                $taken = min($wanted, $held * $shares[$i]);
                $shares[$i] -= $taken / $held;
                $wanted -= $taken;
                $lost += $taken;
            }
        }

        return $moisture->after($shares, $moisture->lostKg + $lost);
    }

    /** @return array{float, float} W/K and W (per the grid's unit of area) */
    private static function exchange(Face $face, float $surfaceC, float $area, ?float $plateC): array
    {
        if ($face->fixedC !== null) {
            return [0.0, 0.0];
        }
        $h = $face->hWM2K;
        $source = $face->hWM2K * ($face->plate === null ? $face->ambientC : $plateC ?? $face->plate->setC);
        if ($face->radiates()) {
            $surfaceK = $surfaceC + Face::KELVIN;
            $aroundK = $face->radiantC + Face::KELVIN;
            $radiative =
                $face->emissivity *
                Face::STEFAN_BOLTZMANN_W_M2K4 *
                ($surfaceK + $aroundK) *
                ($surfaceK * $surfaceK + $aroundK * $aroundK);
            $h += $radiative;
            $source += $radiative * $face->radiantC;
        }

        return [$h * $area, $source * $area];
    }
}
