<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * Bessel functions of the first kind, orders 0 and 1, of a number of 0 and more; right to 1e-7.
 *
 * @see Abramowitz & Stegun (1964), Handbook of Mathematical Functions, 9.4.1 to 9.4.6 and table 9.5; from memory, checked by the series
 */
final class Bessel
{
    public const J0_ZEROS = [2.404825558, 5.520078110, 8.653727913, 11.79153444, 14.93091771, 18.07106397];

    /** With the zero at the origin. */
    public const J1_ZEROS = [0.0, 3.831705970, 7.015586670, 10.17346814, 13.32369194, 16.47063005];

    private const NEAR = 3.0;

    private function __construct() {}

    public static function j0(float $x): float
    {
        if ($x <= self::NEAR) {
            $y = ($x * $x) / 9.0;

            return 1.0 + $y * (-2.2499997 + $y * (1.2656208 + $y * (-0.3163866 + $y * (0.0444479 + $y * (-0.0039444 + $y * 0.0002100)))));
        }
        $y = 3.0 / $x;
        $size = -0.00009512 + $y * (0.00137237 + $y * (-0.00072805 + $y * 0.00014476));
        $size = 0.79788456 + $y * (-0.00000077 + $y * (-0.00552740 + $y * $size));
        $phase = 0.00262573 + $y * (-0.00054125 + $y * (-0.00029333 + $y * 0.00013558));
        $phase = -0.78539816 + $y * (-0.04166397 + $y * (-0.00003954 + $y * $phase));

        return ($size * cos($x + $phase)) / sqrt($x);
    }

    public static function j1(float $x): float
    {
        if ($x <= self::NEAR) {
            $y = ($x * $x) / 9.0;
            $sum = -0.03954289 + $y * (0.00443319 + $y * (-0.00031761 + $y * 0.00001109));

            return $x * (0.5 + $y * (-0.56249985 + $y * (0.21093573 + $y * $sum)));
        }
        $y = 3.0 / $x;
        $size = 0.00017105 + $y * (-0.00249511 + $y * (0.00113653 + $y * -0.00020033));
        $size = 0.79788456 + $y * (0.00000156 + $y * (0.01659667 + $y * $size));
        $phase = -0.00637879 + $y * (0.00074348 + $y * (0.00079824 + $y * -0.00029166));
        $phase = -2.35619449 + $y * (0.12499612 + $y * (0.00005650 + $y * $phase));

        return ($size * cos($x + $phase)) / sqrt($x);
    }
}
