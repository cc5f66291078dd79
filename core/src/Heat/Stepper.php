<?php

declare(strict_types=1);

namespace Nessmark\Heat;

use LogicException;

/**
 * Marches a body through time under unchanging faces: finite volumes in space, TR-BDF2 in time (a trapezoid stage, then a
 * second-order backward stage with the same matrix; second order, and damped for stiff modes, so a jump at the surface
 * does not ring). The step is chosen so that the estimated error of each step stays within a tolerance.
 *
 * The loops hold plain arrays of floats and local names on purpose: they are the program's hot spot.
 *
 * @see Bank et al. (1985), IEEE Trans. Electron Devices 32, 1992-2007, for the scheme;
 *      Hosea & Shampine (1996), Appl. Numer. Math. 20, 21-37, for the error estimate filtered by the step's own matrix.
 */
final class Stepper
{
    /** Share of the step in which the first stage ends; this value makes both stages share one matrix. */
    private const GAMMA = 0.58578643762690495; // 2 − √2

    private const HALF_GAMMA = 0.29289321881345248;

    private const BDF_MIDDLE = 1.20710678118654752; // 1 / (γ(2 − γ))

    private const BDF_START = 0.20710678118654752; // (1 − γ)² / (γ(2 − γ))

    private const FLUX_WEIGHT = 0.35355339059327376; // √2 / 4: weight of the start and the middle; the end weighs γ/2

    private const ERROR_CONSTANT = -0.080880229039786; // 2 (−3γ² + 4γ − 2) / (12 (2 − γ))

    private const MOST_STEPS = 500_000;

    /**
     * Where water leaves, the estimate is made of the change of the straight line that stands for evaporation, and says far too
     * much: with this factor the check cases move by less than 0.1 K (MoistureTest).
     */
    private const WET_TOLERANCE = 60.0;

    private readonly Balance $balance;

    public function __construct(
        private readonly Grid $grid,
        private readonly Material $material,
        private readonly float $coreAtM,
        private readonly float $toleranceK,
    ) {
        $this->balance = new Balance($grid, $material);
    }

    /**
     * @param  Face  $a  face a; ignored for round bodies
     * @param  Face  $b  the other, or outer, face
     * @param  list<StepObserver>  $observers
     * @return array{Snapshot, bool} where it ended, and whether the core made it end before $untilS
     */
    public function march(Snapshot $from, Face $a, Face $b, float $untilS, ?CoreStop $stop, array $observers): array
    {
        $last = $this->grid->cells - 1;
        $fixedA = $this->grid->innerArea > 0.0 ? $a->fixedC : null;
        $fixedB = $b->fixedC;
        $moisture = $from->moisture;
        $plate = $a->plate ?? $b->plate;
        $plateC = $from->plateC ?? $plate?->setC;
        $coldestPlateC = $from->coldestPlateC ?? $plateC;
        $isPlateUnderA = $a->plate !== null;
        $plateArea = $isPlateUnderA ? $this->grid->innerArea : $this->grid->outerArea;
        $longestS = $plate?->longestStepS($isPlateUnderA ? $a->hWM2K : $b->hWM2K);
        $toleranceK = $this->toleranceK;
        $isSteady = $moisture === null && $plate === null && $this->material->isConstant() && ! $a->radiates() && ! $b->radiates();

        $time = $from->timeS;
        $heatIn = $from->heatInJ;
        $steps = $from->steps;
        $celsius = $from->celsius;
        [$capacity, $link, $hA, $sourceA, $hB, $sourceB, $sinks] = $this->balance->of($celsius, $a, $b, $moisture, $plateC);
        [$loss, $source] = Balance::gathered($last, $hA, $sourceA, $hB, $sourceB, $sinks);
        if ($fixedA !== null) {
            $heatIn += $capacity[0] * ($fixedA - $celsius[0]);
            $celsius[0] = $fixedA;
        }
        if ($fixedB !== null) {
            $heatIn += $capacity[$last] * ($fixedB - $celsius[$last]);
            $celsius[$last] = $fixedB;
        }
        if ($stop !== null && $stop->isReached($this->grid->at($celsius, $this->coreAtM))) {
            return [new Snapshot($time, $celsius, $heatIn, $steps, $moisture, $plateC, $coldestPlateC), true];
        }

        $flow = self::flow($celsius, $link, $loss, $source, $fixedA !== null, $fixedB !== null);
        $stepS = (0.5 * $capacity[1]) / ($link[0] + $link[1]);
        $factoredFor = -1.0;
        $lower = $ratio = $pivot = $lastRate = [];
        $isEndingAtCore = false;
        $latestS = $untilS;

        while ($untilS - $time > 1e-9) {
            $remaining = $untilS - $time;
            if ($longestS !== null && $stepS > $longestS) {
                $stepS = $longestS;
            }
            $dt = $remaining <= $stepS ? $remaining : ($remaining < 2.0 * $stepS && ! $isEndingAtCore ? $remaining / 2.0 : $stepS);
            if (! $isSteady) {
                $ahead = [];
                foreach ($celsius as $i => $value) {
                    $change = 0.5 * $dt * ($lastRate[$i] ?? $flow[$i] / $capacity[$i]);
                    $ahead[] = $value + ($change > 5.0 ? 5.0 : ($change < -5.0 ? -5.0 : $change));
                }
                [$capacity, $link, $hA, $sourceA, $hB, $sourceB, $sinks] = $this->balance->of($ahead, $a, $b, $moisture, $plateC);
                [$loss, $source] = Balance::gathered($last, $hA, $sourceA, $hB, $sourceB, $sinks);
                $toleranceK = $sinks === [] || $a->isSealed || $b->isSealed ? $this->toleranceK : self::WET_TOLERANCE * $this->toleranceK;
                $flow = self::flow($celsius, $link, $loss, $source, $fixedA !== null, $fixedB !== null);
                $factoredFor = -1.0;
            }
            $adt = self::HALF_GAMMA * $dt;
            if ($factoredFor !== $dt) {
                [$lower, $ratio, $pivot] = self::factor($adt, $capacity, $link, $loss, $fixedA !== null, $fixedB !== null);
                $factoredFor = $dt;
            }

            // First stage: trapezoid to γ·dt. Each solve runs forward over the nodes, then back.
            $carried = ($fixedA ?? $capacity[0] * $celsius[0] + $adt * ($flow[0] + $source[0])) * $pivot[0];
            $forward = [$carried];
            for ($i = 1; $i < $last; $i++) {
                $carried = ($capacity[$i] * $celsius[$i] + $adt * ($flow[$i] + $source[$i]) - $lower[$i] * $carried) * $pivot[$i];
                $forward[] = $carried;
            }
            $carried =
                (($fixedB ?? $capacity[$last] * $celsius[$last] + $adt * ($flow[$last] + $source[$last])) - $lower[$last] * $carried) *
                $pivot[$last];
            $middle = $forward;
            $middle[$last] = $carried;
            for ($i = $last - 1; $i >= 0; $i--) {
                $carried = $forward[$i] - $ratio[$i] * $carried;
                $middle[$i] = $carried;
            }

            // Second stage: backward difference over start, middle and end.
            $carried =
                ($fixedA ?? $capacity[0] * (self::BDF_MIDDLE * $middle[0] - self::BDF_START * $celsius[0]) + $adt * $source[0]) *
                $pivot[0];
            $forward = [$carried];
            for ($i = 1; $i < $last; $i++) {
                $carried =
                    ($capacity[$i] * (self::BDF_MIDDLE * $middle[$i] - self::BDF_START * $celsius[$i]) +
                        $adt * $source[$i] -
                        $lower[$i] * $carried) *
                    $pivot[$i];
                $forward[] = $carried;
            }
            $carried =
                (($fixedB ??
                    $capacity[$last] * (self::BDF_MIDDLE * $middle[$last] - self::BDF_START * $celsius[$last]) + $adt * $source[$last]) -
                    $lower[$last] * $carried) *
                $pivot[$last];
            $end = $forward;
            $end[$last] = $carried;
            for ($i = $last - 1; $i >= 0; $i--) {
                $carried = $forward[$i] - $ratio[$i] * $carried;
                $end[$i] = $carried;
            }

            // What flows into each volume at the middle and at the end follows from the stages themselves; so does the error.
            $endFlow = $forward = [];
            $carried = 0.0;
            $perStep = 1.0 / $adt;
            $errorStart = (self::ERROR_CONSTANT * $dt) / self::GAMMA;
            $errorMiddle = $errorStart / (1.0 - self::GAMMA);
            $errorEnd = (self::ERROR_CONSTANT * $dt) / (1.0 - self::GAMMA);
            for ($i = 0; $i <= $last; $i++) {
                $start = $celsius[$i];
                $capacityPerStep = $capacity[$i] * $perStep;
                $flowEnd = $capacityPerStep * ($end[$i] - self::BDF_MIDDLE * $middle[$i] + self::BDF_START * $start);
                $endFlow[] = $flowEnd;
                $carried =
                    ($errorStart * $flow[$i] -
                        $errorMiddle * ($capacityPerStep * ($middle[$i] - $start) - $flow[$i]) +
                        $errorEnd * $flowEnd -
                        $lower[$i] * $carried) *
                    $pivot[$i];
                $forward[] = $carried;
            }
            if ($fixedA !== null) {
                $endFlow[0] = 0.0;
            }
            if ($fixedB !== null) {
                $endFlow[$last] = $carried = $forward[$last] = 0.0;
            }
            $worst = abs($carried);
            for ($i = $last - 1; $i >= 0; $i--) {
                $carried = $forward[$i] - $ratio[$i] * $carried;
                if ($carried > $worst) {
                    $worst = $carried;
                } elseif (-$carried > $worst) {
                    $worst = -$carried;
                }
            }
            if (++$steps > self::MOST_STEPS) {
                throw new LogicException('The march took more steps than any real cook could need.');
            }
            $factor = $worst > 0.0 ? 0.8 * ($toleranceK / $worst) ** (1.0 / 3.0) : 3.0;
            if ($worst > $toleranceK && ! $isEndingAtCore) {
                $stepS = $dt * max(0.2, min(0.9, $factor));

                continue;
            }

            if ($stop !== null && ! $isEndingAtCore) {
                $coreC = $this->grid->at($end, $this->coreAtM);
                if ($stop->isReached($coreC)) {
                    $share = Hermite::crossing(
                        $stop->celsius,
                        $dt,
                        $this->grid->at($celsius, $this->coreAtM),
                        $this->coreRate($flow, $capacity),
                        $coreC,
                        $this->coreRate($endFlow, $capacity),
                    );
                    $isEndingAtCore = true;
                    if ($share < 0.9999) {
                        $untilS = $time + $share * $dt;
                        $stepS = $share * $dt;

                        continue;
                    }
                    $untilS = $time + $dt;
                }
            }

            if ($isEndingAtCore && $stop !== null && $stop->isMissed($this->grid->at($end, $this->coreAtM))) {
                $isEndingAtCore = false;
                $untilS = $latestS;
            }

            if ($observers !== []) {
                $rate = $endRate = [];
                for ($i = 0; $i <= $last; $i++) {
                    $rate[] = $flow[$i] / $capacity[$i];
                    $endRate[] = $endFlow[$i] / $capacity[$i];
                }
                foreach ($observers as $observer) {
                    $observer->step($time, $celsius, $rate, $time + $dt, $end, $endRate);
                }
            }
            $heatBefore = $heatIn;
            if ($fixedA === null) {
                $heatIn += $dt * ($sourceA - $hA * (self::FLUX_WEIGHT * ($celsius[0] + $middle[0]) + self::HALF_GAMMA * $end[0]));
            } else {
                $drop = self::FLUX_WEIGHT * ($celsius[1] + $middle[1]) + self::HALF_GAMMA * $end[1];
                $heatIn += $dt * $link[0] * ($fixedA - $drop);
            }
            $heatA = $heatIn - $heatBefore;
            if ($fixedB === null) {
                $heatIn +=
                    $dt * ($sourceB - $hB * (self::FLUX_WEIGHT * ($celsius[$last] + $middle[$last]) + self::HALF_GAMMA * $end[$last]));
            } else {
                $drop = self::FLUX_WEIGHT * ($celsius[$last - 1] + $middle[$last - 1]) + self::HALF_GAMMA * $end[$last - 1];
                $heatIn += $dt * $link[$last - 1] * ($fixedB - $drop);
            }
            if ($plate !== null && $plateC !== null) {
                $plateC = $plate->after($plateC, ($isPlateUnderA ? $heatA : $heatIn - $heatBefore - $heatA) / $plateArea, $dt);
                $coldestPlateC = min($coldestPlateC, $plateC);
            }
            if ($moisture !== null) {
                $meanC = [];
                foreach ($sinks as [$i]) {
                    $meanC[$i] = self::FLUX_WEIGHT * ($celsius[$i] + $middle[$i]) + self::HALF_GAMMA * $end[$i];
                }
                $moisture = $this->balance->dried($moisture, $sinks, $dt, $meanC);
                foreach ($observers as $observer) {
                    if ($observer instanceof MoistureObserver) {
                        $observer->dried($time + $dt, $moisture);
                    }
                }
            }
            if (! $isSteady) {
                // what a step really did foretells the next better than what flows at its start
                $lastRate = [];
                foreach ($end as $i => $value) {
                    $lastRate[] = ($value - $celsius[$i]) / $dt;
                }
            }
            $time += $dt;
            $celsius = $end;
            $flow = $endFlow;
            if ($factor > 1.2) {
                $stepS = max($stepS, $dt * min(3.0, $factor));
            } elseif ($factor < 1.0) {
                $stepS = $dt * $factor;
            }
        }

        return [
            new Snapshot($isEndingAtCore ? $time : $untilS, $celsius, $heatIn, $steps, $moisture, $plateC, $coldestPlateC),
            $isEndingAtCore,
        ];
    }

    /**
     * @param  array<int, float>  $celsius
     * @param  list<float>  $link
     * @param  list<float>  $loss
     * @param  list<float>  $source
     * @return list<float> heat flowing into each volume, W; none into a held surface
     */
    private static function flow(array $celsius, array $link, array $loss, array $source, bool $isFixedA, bool $isFixedB): array
    {
        $last = count($celsius) - 1;
        $flow = [];
        $inward = 0.0;
        for ($i = 0; $i < $last; $i++) {
            $onward = $link[$i] * ($celsius[$i] - $celsius[$i + 1]);
            $flow[] = $inward - $onward + $source[$i] - $loss[$i] * $celsius[$i];
            $inward = $onward;
        }
        $flow[] = $inward + $source[$last] - $loss[$last] * $celsius[$last];
        if ($isFixedA) {
            $flow[0] = 0.0;
        }
        if ($isFixedB) {
            $flow[$last] = 0.0;
        }

        return array_values($flow);
    }

    /**
     * Splits the step's tridiagonal matrix once, for all solves with it (Thomas' algorithm).
     *
     * @param  list<float>  $capacity
     * @param  list<float>  $link
     * @param  list<float>  $loss
     * @return array{list<float>, list<float>, list<float>} below the diagonal, upper over pivot, and one over pivot
     */
    private static function factor(float $adt, array $capacity, array $link, array $loss, bool $isFixedA, bool $isFixedB): array
    {
        $last = count($capacity) - 1;
        $lower = $ratio = $pivot = [];
        $previousRatio = 0.0;
        for ($i = 0; $i <= $last; $i++) {
            $below = $i > 0 ? $link[$i - 1] : 0.0;
            $above = $i < $last ? $link[$i] : 0.0;
            $diagonal = $capacity[$i] + $adt * ($below + $above + $loss[$i]);
            $left = -$adt * $below;
            $right = -$adt * $above;
            if (($i === 0 && $isFixedA) || ($i === $last && $isFixedB)) {
                $left = $right = 0.0;
                $diagonal = 1.0;
            }
            $inverse = 1.0 / ($diagonal - $left * $previousRatio);
            $previousRatio = $right * $inverse;
            $lower[] = $left;
            $ratio[] = $previousRatio;
            $pivot[] = $inverse;
        }

        return [$lower, $ratio, $pivot];
    }

    /**
     * @param  array<int, float>  $flow
     * @param  list<float>  $capacity
     */
    private function coreRate(array $flow, array $capacity): float
    {
        $rate = [];
        foreach ($flow as $i => $value) {
            $rate[] = $value / $capacity[$i];
        }

        return $this->grid->at($rate, $this->coreAtM);
    }
}
