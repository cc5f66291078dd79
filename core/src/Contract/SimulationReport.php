<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Data\Engine;
use Nessmark\Heat\ColdestTrace;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\EndedBy;
use Nessmark\Heat\Grid;
use Nessmark\Heat\LogReduction;
use Nessmark\Heat\PeakProfile;
use Nessmark\Heat\ProfileTrace;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Snapshot;
use Nessmark\Heat\Stage;
use Nessmark\Heat\StageEnd;

/** Runs a simulation case and says what came of it, as plain data ready for JSON. */
final class SimulationReport
{
    private function __construct() {}

    /** @return array<string, mixed> the reply of the simulation contract, without the time it took */
    public static function of(SimulationCase $case, int $cells = Simulator::CELLS, float $toleranceK = Simulator::TOLERANCE_K): array
    {
        $body = $case->body();
        $grid = Grid::across($body, $cells);
        $simulator = new Simulator($body, $case->materialOn($grid), $cells, $toleranceK);
        $start = $simulator->start($case->startC, $case->moisture($grid));
        $reportAtS = self::reportTimes($case);
        $core = new CoreTrace($simulator->grid, $body->coreAtM, $start->celsius, $reportAtS, $case->coreTargetsC);
        $coldest = new ColdestTrace($start->celsius, $reportAtS);
        $peak = new PeakProfile($start->celsius);
        $profiles = new ProfileTrace($start->celsius, $case->profileAtS);
        $observers = [$core, $coldest, $peak, $profiles];
        $lethality = null;
        if ($case->lethality !== null) {
            $lethality = new LogReduction(
                $simulator->grid,
                $case->lethality['d_ref_s'],
                $case->lethality['t_ref_c'],
                $case->lethality['z_c'],
            );
            $observers[] = $lethality;
        }
        $ends = $simulator->run($start, $case->stages, $observers);
        $final = $ends[count($ends) - 1]->end;

        $profileC = [];
        foreach ($case->profileAtS === [] ? [[$final->timeS, $final->celsius]] : $profiles->profiles as [$atS, $celsius]) {
            $profileC[self::plain($atS)] = self::profile($simulator, $celsius);
        }
        $reached = [];
        foreach ($case->coreTargetsC as $i => $target) {
            $atS = $case->isMatched() ? self::reachedAtS($case, $target, $cells, $toleranceK) : $core->reachedAtS[$i];
            $reached[self::plain($target)] = $atS === null ? null : round($atS, 2);
        }

        return [
            'core_c' => self::series($core->series),
            'coldest_c' => self::series($coldest->series),
            'core_at_mm' => round($body->coreAtM * 1000.0, 4),
            'time_to_core_s' => (object) $reached,
            'max_core_c' => round($core->maxC, 4),
            'max_core_at_s' => round($core->maxAtS, 2),
            'profile_c' => (object) $profileC,
            'peak_profile_c' => self::profile($simulator, $peak->celsius),
            'band_fractions' => (object) self::bands($case, $simulator, $peak),
            'log_reduction_core' => $lethality === null ? null : round($lethality->atDepth($body->coreAtM), 6),
            'log_reduction_min' => $lethality === null ? null : round($lethality->smallest(), 6),
            'water_loss_fraction' => round(($body->surfaceShare * ($final->moisture->lostKg ?? 0.0)) / $case->mass($grid), 6),
            'crust_mm' => [
                'a' => $body->isSlab ? self::crustMm($grid, $final, false) : null,
                'b' => self::crustMm($grid, $final, true),
            ],
            'stages' => array_map(static fn (StageEnd $end): array => self::stageEnd($end), $ends),
            'engine' => [
                'version' => Engine::VERSION,
                'cells' => $simulator->grid->cells,
                'steps' => $final->steps,
                ...$case->isMatched()
                    ? [
                        'method' => 'simple body whose core is at the aim when the exact product solution is',
                        'exponent' => $body->exponent,
                        'size_mm' => round(2000.0 * $body->extentM / ($body->isSlab ? 2.0 : 1.0), 3),
                    ]
                    : [],
            ],
        ];
    }

    /** When the core of a piece with ends is at a target: in the body matched to just that. */
    private static function reachedAtS(SimulationCase $case, float $targetC, int $cells, float $toleranceK): ?float
    {
        $body = $case->body($targetC);
        $grid = Grid::across($body, $cells);
        $simulator = new Simulator($body, $case->materialOn($grid), $cells, $toleranceK);
        $start = $simulator->start($case->startC, $case->moisture($grid));
        $core = new CoreTrace($grid, $body->coreAtM, $start->celsius, [], [$targetC]);
        $simulator->run($start, $case->stages, [$core]);

        return $core->reachedAtS[0];
    }

    /** How deep the body is dry under a face, mm. */
    private static function crustMm(Grid $grid, Snapshot $final, bool $isB): float
    {
        $front = $final->moisture?->fronts($isB)[0][0] ?? ($isB ? $grid->cells - 1 : 0);

        return round(1000.0 * ($isB ? $grid->depthM[$grid->cells - 1] - $grid->depthM[$front] : $grid->depthM[$front]), 2);
    }

    /** @return list<float> */
    private static function reportTimes(SimulationCase $case): array
    {
        if ($case->reportEveryS === null) {
            return $case->reportAtS;
        }
        $longestS = array_sum(array_map(static fn (Stage $stage): float => $stage->durationS ?? Stage::LIMIT_S, $case->stages));
        $times = [];
        for ($i = 0; $i * $case->reportEveryS <= $longestS + 1e-9; $i++) {
            $times[] = $i * $case->reportEveryS;
        }

        return $times;
    }

    /**
     * @param  array<int, float>  $celsius
     * @return list<array{float, float}> depth in mm and °C
     */
    private static function profile(Simulator $simulator, array $celsius): array
    {
        $points = [];
        foreach ($simulator->grid->depthM as $i => $depthM) {
            $points[] = [round($depthM * 1000.0, 4), round($celsius[$i], 4)];
        }

        return $points;
    }

    /**
     * @param  list<array{float, float}>  $series
     * @return list<array{float, float}>
     */
    private static function series(array $series): array
    {
        return array_map(static fn (array $point): array => [round($point[0], 3), round($point[1], 4)], $series);
    }

    /** @return array<string, float> */
    private static function bands(SimulationCase $case, Simulator $simulator, PeakProfile $peak): array
    {
        if ($case->bandsC === []) {
            return [];
        }
        $names = ['<'.self::plain($case->bandsC[0])];
        foreach ($case->bandsC as $i => $bound) {
            $names[] = isset($case->bandsC[$i + 1])
                ? self::plain($bound).'-'.self::plain($case->bandsC[$i + 1])
                : '>='.self::plain($bound);
        }
        $fractions = $peak->fractions($simulator->grid, $simulator->body, $case->bandsC);

        return array_combine($names, array_map(static fn (float $f): float => round($f, 6), $fractions));
    }

    /** @return array<string, mixed> */
    private static function stageEnd(StageEnd $end): array
    {
        $said = ['name' => $end->stage->name, 'ended_at_s' => round($end->end->timeS, 2), 'by' => $end->by->value];
        if ($end->by === EndedBy::Limit) {
            $said['note'] = sprintf(
                'core did not reach %s °C within the limit of %d s',
                self::plain($end->stage->untilCoreC ?? 0.0),
                (int) Stage::LIMIT_S,
            );
        }

        return $said;
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(sprintf('%.4F', $value), '0'), '.');
    }
}
