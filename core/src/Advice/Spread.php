<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Appliance;
use Nessmark\Heat\Simulator;
use Nessmark\Method\Planner;
use Nessmark\Method\PullFinder;
use Nessmark\Quantity\Length;

/**
 * How far the time may be off. Each doubtful input is moved once, to its slow side, and the open stage run again to the
 * same pull temperature; the delays are added as independent ones (root of the sum of squares) and taken as far down as up.
 * On top of the long side comes the appliance's allowance for surface drying, which is not computed yet.
 */
final readonly class Spread
{
    /** Thickness as judged at the counter is good to 6 %, at least 1 mm; the core's start to 2 K. Common practice, no source. */
    private const THICKNESS_SHARE = 0.06;

    private const THICKNESS_LEAST_MM = 1.0;

    private const START_K = 2.0;

    /** Delays need no more than this, nor each turn followed: both move them by little against the spread itself. */
    private const CELLS = 31;

    private const TOLERANCE_K = 0.05;

    /** However doubtful the inputs, no time is given below this share of the likely one. */
    private const SHORTEST_SHARE = 0.5;

    public function __construct(private Planner $planner) {}

    /**
     * @return array{TimeRange, list<array{input: string, step: float, unit: string, change_s: float}>} the open stage's time,
     *                                                                                                  and what each input does to it, the most telling first
     */
    public function of(Ask $ask, Appliance $appliance, float $heatC, float $pullC, float $likelyS): array
    {
        $mm = $ask->thickness->toMillimetres();
        $stepMm = max(self::THICKNESS_LEAST_MM, self::THICKNESS_SHARE * $mm);
        $base = $this->seconds($ask, $mm, $heatC, 0.0, 1.0, $pullC) ?? $likelyS;
        $delay = fn (float $thicknessMm, float $startK, float $strength): ?float => ($seconds = $this->seconds($ask, $thicknessMm, $heatC, $startK, $strength, $pullC)) === null ? null : $seconds - $base;

        $thicker = $delay($mm + $stepMm, 0.0, 1.0) ?? $likelyS;
        $weaker = $delay($mm, 0.0, 1.0 - $appliance->spread) ?? $likelyS;
        $colder = $delay($mm, -self::START_K, 1.0) ?? 0.0;
        $offS = sqrt($thicker ** 2 + $weaker ** 2 + $colder ** 2);

        $effects = [
            ['input' => 'thickness', 'step' => 1.0, 'unit' => 'mm', 'change_s' => round($thicker / $stepMm, 1)],
            ['input' => 'fire', 'step' => round(-100.0 * $appliance->spread), 'unit' => 'percent', 'change_s' => round($weaker, 1)],
            ['input' => 'start', 'step' => -1.0, 'unit' => 'K', 'change_s' => round($colder / self::START_K, 1)],
        ];
        $weight = ['thickness' => $thicker, 'fire' => $weaker, 'start' => $colder];
        usort($effects, static fn (array $a, array $b): int => $weight[$b['input']] <=> $weight[$a['input']]);

        return [
            new TimeRange(
                max(self::SHORTEST_SHARE * $likelyS, $likelyS - $offS),
                $likelyS,
                $likelyS + $offS + $appliance->dryingAllowance * $likelyS,
            ),
            $effects,
        ];
    }

    private function seconds(Ask $ask, float $thicknessMm, float $heatC, float $startK, float $strength, float $pullC): ?float
    {
        $plan = $this->planner->plan($ask->cut, $thicknessMm, $ask->method, $heatC, 0.0, $strength);
        if ($plan->holdsCoreAtC() <= $pullC) {
            return null;
        }
        $simulator = new Simulator($ask->cut->body(Length::ofMillimetres($thicknessMm)), $ask->cut->material(), self::CELLS, self::TOLERANCE_K);

        return PullFinder::secondsToCore($simulator, $simulator->start($ask->start->toCelsius() + $startK), $plan->withoutTurning(), $pullC);
    }
}
