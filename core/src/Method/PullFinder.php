<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\EndedBy;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Snapshot;
use Nessmark\Heat\StageEnd;
use Nessmark\Heat\StepLog;

/**
 * Finds when to end the open stage of a plan. The later it ends, the hotter the core peaks afterwards, so the right moment
 * is closed in on between its start and the moment the core itself is at the target (regula falsi, Illinois variant).
 */
final class PullFinder
{
    /** The search ends when its own peak is above the target by no more than this, K. */
    private const CLOSE_ENOUGH_K = 0.05;

    private const MOST_TRIES = 25;

    private function __construct() {}

    /** @throws PullNotFound if this fire can never bring the core to the target */
    public static function refuseOutOfReach(MethodPlan $plan, float $targetC): void
    {
        if ($plan->holdsCoreAtC() <= $targetC) {
            throw PullNotFound::neverReached($targetC, $plan->holdsCoreAtC());
        }
    }

    /**
     * @param  float  $closeEnoughK  how far above the target the peak may be
     * @return float length of the open stage, s
     *
     * @throws PullNotFound if the core never gets there, or is past the target whenever the open stage ends
     */
    public static function openSeconds(
        Simulator $simulator,
        Snapshot $start,
        MethodPlan $plan,
        float $targetC,
        float $closeEnoughK = self::CLOSE_ENOUGH_K,
    ): float {
        $before = $simulator->run($start, $plan->before);
        $from = $before === [] ? $start : $before[count($before) - 1]->end;
        if ($simulator->coreC($from) >= $targetC) {
            throw PullNotFound::pastTargetBefore($targetC);
        }
        $log = new StepLog();
        $atTarget = $simulator->runStage($from, $plan->open->endingAtCore($targetC), [$log]);
        if ($atTarget->by !== EndedBy::Core) {
            throw PullNotFound::neverReached($targetC, $simulator->coreC($atTarget->end));
        }
        $latestS = $atTarget->end->timeS;
        if ($plan->after === []) {
            return $latestS - $from->timeS;
        }

        $peakAbove = static function (Snapshot $pulled) use ($simulator, $plan, $targetC): float {
            $core = new CoreTrace($simulator->grid, $simulator->body->coreAtM, $pulled->celsius);
            $simulator->run($pulled, $plan->after, [$core]);

            return $core->maxC - $targetC;
        };
        $earlyS = $from->timeS;
        $early = $peakAbove($from);
        if ($early > 0.0) {
            throw PullNotFound::pastTargetBefore($targetC);
        }
        $lateS = $latestS;
        $late = $peakAbove($atTarget->end);
        $side = 0;
        for ($i = 0; $i < self::MOST_TRIES && $late > $closeEnoughK; $i++) {
            $tryS = $lateS - ($late * ($lateS - $earlyS)) / ($late - $early);
            $tryS = max($earlyS + 0.02 * ($lateS - $earlyS), min($lateS - 0.02 * ($lateS - $earlyS), $tryS));
            $there = $peakAbove($log->at($tryS) ?? $atTarget->end);
            if ($there >= 0.0) {
                [$lateS, $late] = [$tryS, $there];
                $early = $side === 1 ? $early / 2.0 : $early;
                $side = 1;
            } else {
                [$earlyS, $early] = [$tryS, $there];
                $late = $side === -1 ? max($late / 2.0, $closeEnoughK * 1.01) : $late;
                $side = -1;
            }
        }

        return $lateS - $from->timeS;
    }

    /** The end of the open stage when the core is at a given temperature; null when it never gets there. */
    public static function atCore(Simulator $simulator, Snapshot $start, MethodPlan $plan, float $coreC): ?StageEnd
    {
        $ends = $simulator->run($start, [...$plan->before, $plan->open->endingAtCore($coreC)]);
        $last = $ends[count($ends) - 1];

        return $last->by === EndedBy::Core ? $last : null;
    }
}
