<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use LogicException;
use Nessmark\Quantity\Mass;

/**
 * Mass balances of salt. Two conventions are in use and differ by a seventh: the salt is a share of everything, meat and water and salt
 * together, or a share of the water alone, that of the meat and that of the brine. The program goes by the first.
 */
final readonly class Brine
{
    private function __construct() {}

    /** Salt so that meat and water come to this share of all mass: s = w·(M + W)/(1 − w). */
    public static function saltForAllMass(Mass $meat, Mass $water, float $share): Mass
    {
        return Mass::ofGrams((self::sane($share) * ($meat->toGrams() + $water->toGrams())) / (1.0 - $share));
    }

    /** The same leaving the salt's own mass out: s = w·(M + W). */
    public static function saltIgnoringItself(Mass $meat, Mass $water, float $share): Mass
    {
        return Mass::ofGrams(self::sane($share) * ($meat->toGrams() + $water->toGrams()));
    }

    /**
     * Salt so that the water in the meat and the brine comes to this share: s = w·(water)/(1 − w).
     *
     * @param  float  $waterOfMeat  kg/kg
     */
    public static function saltForWaterPhase(Mass $meat, float $waterOfMeat, Mass $water, float $share): Mass
    {
        return Mass::ofGrams((self::sane($share) * ($meat->toGrams() * $waterOfMeat + $water->toGrams())) / (1.0 - $share));
    }

    /** How much of a brine of this strength brings the meat to that share in the end: c·B = w·(M + B). */
    public static function brineNeeded(Mass $meat, float $strength, float $share): Mass
    {
        if ($strength <= $share) {
            throw new LogicException('A brine cannot bring meat above its own strength.');
        }

        return Mass::ofGrams((self::sane($share) * $meat->toGrams()) / ($strength - $share));
    }

    /** Salt in the water of the meat: s/(s + water). */
    public static function waterPhaseShare(float $saltG, float $waterG): float
    {
        return $saltG / ($saltG + $waterG);
    }

    private static function sane(float $share): float
    {
        return $share >= 0.0 && $share < 1.0 ? $share : throw new LogicException('A share lies between nothing and all.');
    }
}
