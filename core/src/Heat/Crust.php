<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** What meat becomes where its water has gone: a porous crust. Figures from memory, of the order the baking literature gives. */
final class Crust
{
    /** Vapour through a dry, open crust, m²/s: free diffusion in air at 100 °C (4e-5) times porosity over tortuosity, about a fifth. */
    public const VAPOUR_DIFFUSIVITY_M2_S = 8e-6;

    /** A dry crust conducts about half as well as wet meat. */
    public const CONDUCTIVITY_SHARE = 0.5;

    /** Water share below which a layer counts as dry. */
    public const DRY_BELOW = 0.05;

    /** Water share below which the water left is bound and its activity falls. */
    public const BOUND_BELOW = 0.3;

    private function __construct() {}

    /** Water activity of a layer by the share of its water still there: 1 while there is free water, then falling to 0. */
    public static function activity(float $waterShare): float
    {
        return min(1.0, max(0.0, $waterShare) / self::BOUND_BELOW);
    }
}
