<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use LogicException;

/** The bars of an EAN-13, module by module (ISO/IEC 15420). */
final readonly class Ean13Bars
{
    /** Odd parity; the right half is its inverse, the even one the inverse turned round. */
    private const LEFT = ['0001101', '0011001', '0010011', '0111101', '0100011', '0110001', '0101111', '0111011', '0110111', '0001011'];

    /** Which of the left digits are even says the first digit. */
    private const EVEN = ['000000', '001011', '001101', '001110', '010011', '011001', '011100', '010101', '010110', '011010'];

    private function __construct() {}

    /** @return string of 95 modules, 1 for a bar */
    public static function of(string $ean): string
    {
        if (strlen($ean) !== 13 || ! Gs1::isSound($ean)) {
            throw new LogicException("{$ean} is no EAN-13.");
        }
        $left = $right = '';
        for ($i = 1; $i <= 6; $i++) {
            $odd = self::LEFT[(int) $ean[$i]];
            $left .= self::EVEN[(int) $ean[0]][$i - 1] === '1' ? strrev(self::inverse($odd)) : $odd;
            $right .= self::inverse(self::LEFT[(int) $ean[$i + 6]]);
        }

        return "101{$left}01010{$right}101";
    }

    private static function inverse(string $modules): string
    {
        return strtr($modules, '01', '10');
    }
}
