<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * The metal under a piece, as one lump per square metre of meat on it: it falls when loaded, the burner brings it back. A hand
 * on the knob gives no more than the burner has, and no more than the setting needs.
 */
final readonly class Plate
{
    /**
     * How eagerly the knob is turned when the metal is off its setting: the gap would be made good in so many seconds. Common
     * practice, no source.
     */
    private const CATCH_UP_S = 20.0;

    /** A step may change the metal by this share of the gap between it and the meat at most. */
    private const STEP_SHARE = 0.3;

    /**
     * @param  float  $setC  surface of the empty, preheated metal, °C
     * @param  float  $heatCapacityJM2K  of the metal that feeds a square metre of meat
     * @param  float  $mostWM2  what the burner can put into that metal
     * @param  float  $lossWM2K  what that metal loses to the kitchen
     * @param  float  $roomC  of the kitchen, °C
     */
    public function __construct(
        public float $setC,
        public float $heatCapacityJM2K,
        public float $mostWM2,
        public float $lossWM2K,
        public float $roomC,
    ) {}

    /**
     * @param  float  $givenJM2  heat that went into the meat during the step
     * @return float °C after the step
     */
    public function after(float $celsius, float $givenJM2, float $stepS): float
    {
        $lostWM2 = $this->lossWM2K * ($celsius - $this->roomC);
        $wantedWM2 = $lostWM2 + $givenJM2 / $stepS + ($this->heatCapacityJM2K * ($this->setC - $celsius)) / self::CATCH_UP_S;
        $burnerWM2 = max(0.0, min($this->mostWM2, $wantedWM2));

        return $celsius + (($burnerWM2 - $lostWM2) * $stepS - $givenJM2) / $this->heatCapacityJM2K;
    }

    /** @return float the longest step over which the metal may be taken as it was at the start, s */
    public function longestStepS(float $hWM2K): float
    {
        return min(self::CATCH_UP_S, (self::STEP_SHARE * $this->heatCapacityJM2K) / max(1.0, $hWM2K));
    }
}
