<?php

declare(strict_types=1);

namespace Tests\Support;

use Nessmark\Heat\Crust;
use Nessmark\Heat\Evaporation;

/**
 * A round piece with square ends that dries all over, by explicit finite volumes along radius and length: a quarter of its section.
 * The law of drying at a point is the program's own; the two dimensions are not. Water leaves the outermost cell of a row or column
 * that is still wet.
 */
final readonly class RodInTwoDimensions
{
    private const CELL_M = 1.5e-3;

    private const VAPOUR_PA = 1060.0;

    private const WATER_KG_M3 = 0.73 * 1060.0;

    public function __construct(
        private float $diameterM,
        private float $lengthM,
        private float $k,
        private float $rho,
        private float $cp,
        private float $h,
        private float $aroundC,
        private float $wetness,
    ) {}

    public function secondsTo(float $startC, float $coreC): float
    {
        $rows = (int) round($this->diameterM / 2.0 / self::CELL_M);
        $columns = (int) round($this->lengthM / 2.0 / self::CELL_M);
        [$dr, $dz] = [$this->diameterM / 2.0 / $rows, $this->lengthM / 2.0 / $columns];
        $capacity = $this->rho * $this->cp;
        $dt = (0.2 * self::CELL_M ** 2 * $capacity) / $this->k;
        $celsius = array_fill(0, $rows, array_fill(0, $columns, $startC));
        $water = array_fill(0, $rows, array_fill(0, $columns, 1.0));
        for ($time = 0.0; $celsius[0][0] < $coreC; $time += $dt) {
            $gain = array_fill(0, $rows, array_fill(0, $columns, 0.0)); // W per radian
            for ($i = 0; $i < $rows; $i++) {
                $face = ($i + 1) * $dr * $dz;
                $end = ($i + 0.5) * $dr * $dr;
                for ($j = 0; $j < $columns; $j++) {
                    if ($i + 1 < $rows) {
                        $flow = ($this->k * $face * ($celsius[$i + 1][$j] - $celsius[$i][$j])) / $dr;
                        $gain[$i][$j] += $flow;
                        $gain[$i + 1][$j] -= $flow;
                    }
                    if ($j + 1 < $columns) {
                        $flow = ($this->k * $end * ($celsius[$i][$j + 1] - $celsius[$i][$j])) / $dz;
                        $gain[$i][$j] += $flow;
                        $gain[$i][$j + 1] -= $flow;
                    }
                }
            }
            for ($j = 0; $j < $columns; $j++) {
                $this->air($gain[$rows - 1][$j], $celsius[$rows - 1][$j], $rows * $dr * $dz, $dr);
                for ($i = $rows - 1; $i > 0 && $water[$i][$j] < Crust::DRY_BELOW; $i--);
                $volume = ($i + 0.5) * $dr * $dr * $dz;
                $this->dry($gain[$i][$j], $water[$i][$j], $celsius[$i][$j], $rows * $dr * $dz, ($rows - 1 - $i) * $dr, $volume, $dt);
            }
            for ($i = 0; $i < $rows; $i++) {
                $area = ($i + 0.5) * $dr * $dr;
                $this->air($gain[$i][$columns - 1], $celsius[$i][$columns - 1], $area, $dz);
                for ($j = $columns - 1; $j > 0 && $water[$i][$j] < Crust::DRY_BELOW; $j--);
                $this->dry($gain[$i][$j], $water[$i][$j], $celsius[$i][$j], $area, ($columns - 1 - $j) * $dz, $area * $dz, $dt);
            }
            for ($i = 0; $i < $rows; $i++) {
                for ($j = 0; $j < $columns; $j++) {
                    $celsius[$i][$j] += ($dt * $gain[$i][$j]) / ($capacity * ($i + 0.5) * $dr * $dr * $dz);
                }
            }
        }

        return $time;
    }

    /** The surface lies half a cell outside the middle of the last one. */
    private function air(float &$gain, float $celsius, float $area, float $cellM): void
    {
        $gain += ($area * ($this->aroundC - $celsius)) / (1.0 / $this->h + (0.5 * $cellM) / $this->k);
    }

    private function dry(float &$gain, float &$water, float $celsius, float $area, float $crustM, float $volume, float $dt): void
    {
        $flux = Evaporation::fluxKgM2S($this->h, $celsius, $this->aroundC, self::VAPOUR_PA, 1.0, $this->wetness, $crustM);
        $kg = max(0.0, min($flux * $area * $dt, $water * self::WATER_KG_M3 * $volume));
        $water -= $kg / (self::WATER_KG_M3 * $volume);
        $gain -= ($kg / $dt) * Evaporation::latentHeatJKg($celsius);
    }
}
