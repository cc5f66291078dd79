<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Data\Record;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;

/**
 * How long meat stands in a freezer until a knife goes through it cleanly: cooled to where its water begins to freeze, and a small share of
 * that frozen. Plank (1913), as in ASHRAE Refrigeration, chapter on cooling and freezing times; from memory.
 */
final readonly class Firming
{
    /** Latent heat of water, kJ/kg: 333.6 (CRC Handbook). */
    private const LATENT_KJ_KG = 333.6;

    /** Frozen lean meat, W/(m·K): 1.4 to 1.6 (ASHRAE, from memory). */
    private const FROZEN_W_MK = 1.5;

    /** Of a plate, from both faces. */
    private const P = 0.5;

    private const R = 0.125;

    private const DENSITY_KG_M3 = 1050.0;

    private const ABOVE_FREEZING_KJ_KGK = 3.5;

    public function __construct(private Record $freezer) {}

    /** Frozen through, s: Plank's equation for a plate. */
    public function frozenS(Cut $cut, Length $thickness): float
    {
        $drop = $this->freezer->number('freezes_from_c') - $this->freezer->number('air_c');
        $latentJM3 = self::DENSITY_KG_M3 * $cut->composition->fractions['water'] * self::LATENT_KJ_KG * 1000.0;
        $a = $thickness->toMetres();

        return ($latentJM3 / $drop) * ((self::P * $a) / $this->freezer->number('h_w_m2k') + (self::R * $a ** 2) / self::FROZEN_W_MK);
    }

    /** Cooled through to where it begins to freeze, s: the air is what holds it back. */
    public function cooledS(Length $thickness): float
    {
        [$start, $end, $air] = [
            $this->freezer->number('start_c'),
            $this->freezer->number('freezes_from_c'),
            $this->freezer->number('air_c'),
        ];
        $heldBackS =
            (self::DENSITY_KG_M3 * self::ABOVE_FREEZING_KJ_KGK * 1000.0 * $thickness->toMetres()) /
            2.0 /
            $this->freezer->number('h_w_m2k');

        return $heldBackS * log(($start - $air) / ($end - $air));
    }

    /** Firm, not frozen through, s. */
    public function firmS(Cut $cut, Length $thickness): float
    {
        return $this->cooledS($thickness) + $this->freezer->number('firm_share') * $this->frozenS($cut, $thickness);
    }
}
