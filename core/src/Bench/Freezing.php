<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Data\Record;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\Composition;
use Nessmark\Quantity\Length;

/**
 * How long a flat piece takes to freeze through: Pham (1986), J. Food Technol. 21, 209-219, his simplified equation, with the properties
 * he gives for it; from memory. Good to about a tenth.
 */
final readonly class Freezing
{
    /** Frozen through: so cold in the middle, °C, as the equation has it. */
    public const HARD_AT_C = -10.0;

    /** Latent heat of water, kJ/kg: 333.6 (CRC Handbook). */
    private const LATENT_KJ_KG = 333.6;

    /** Of the water of lean meat, what no cold freezes, kg per kg of solids; Pham, from memory. */
    private const BOUND = 0.24;

    /** Pham's mean freezing temperature: 1.8 + 0.263 core + 0.105 air, °C. */
    private const MEAN = [1.8, 0.263, 0.105];

    private const ICE_KJ_KGK = 2.1;

    private const FROZEN_W_MK = 1.5;

    public function __construct(private Record $freezer) {}

    public function throughS(Composition $composition, Length $thickness): float
    {
        [$airC, $startC, $h] = [
            $this->freezer->number('air_c'), $this->freezer->number('start_c'), $this->freezer->number('h_w_m2k'),
        ];
        $meanC = self::MEAN[0] + self::MEAN[1] * self::HARD_AT_C + self::MEAN[2] * $airC;
        $density = ChoiOkos::densityKgM3($composition, $startC);
        $water = $composition->fractions['water'] ?? 0.0;
        $freezable = max(0.0, $water - self::BOUND * (1.0 - $water));
        $frozenKJKgK = self::ICE_KJ_KGK * $water + (1.0 - $water) * self::solidsKJKgK($composition);
        $cooling = $density * ChoiOkos::specificHeatJKgK($composition, $startC) * ($startC - $meanC);
        $freezing = $density * 1000.0 * ($freezable * self::LATENT_KJ_KG + $frozenKJKgK * ($meanC - self::HARD_AT_C));
        $halfM = $thickness->toMetres() / 2.0;
        $biot = ($h * $halfM) / self::FROZEN_W_MK;

        return ($halfM / $h) *
            ($cooling / (($startC + $meanC) / 2.0 - $airC) + $freezing / ($meanC - $airC)) *
            (1.0 + $biot / 2.0);
    }

    /** Of what is not water: what the whole has, less the water's share. */
    private static function solidsKJKgK(Composition $composition): float
    {
        $water = $composition->fractions['water'] ?? 0.0;
        $whole = ChoiOkos::specificHeatJKgK($composition, 0.0) / 1000.0;

        return max(0.8, ($whole - 4.18 * $water) / max(0.05, 1.0 - $water));
    }
}
