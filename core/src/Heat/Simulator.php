<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Runs a body through its stages. */
final readonly class Simulator
{
    /** Cells across the body; the centre of a slab then lies on a node. */
    public const CELLS = 61;

    /** Estimated error of one time step, K. Tightening it tenfold moves published check cases by less than 0.1 %. */
    public const TOLERANCE_K = 0.005;

    public Grid $grid;

    private Stepper $stepper;

    public function __construct(
        public Body $body,
        Material $material,
        int $cells = self::CELLS,
        float $toleranceK = self::TOLERANCE_K,
    ) {
        $this->grid = Grid::across($body, $cells);
        $this->stepper = new Stepper($this->grid, $material, $body->coreAtM, $toleranceK);
    }

    public function start(float $celsius, ?Moisture $moisture = null): Snapshot
    {
        return new Snapshot(0.0, array_fill(0, $this->grid->cells, $celsius), 0.0, 0, $moisture);
    }

    public function coreC(Snapshot $snapshot): float
    {
        return $this->grid->at($snapshot->celsius, $this->body->coreAtM);
    }

    /**
     * @param  list<Stage>  $stages
     * @param  list<StepObserver>  $observers
     * @return list<StageEnd> one for each stage
     */
    public function run(Snapshot $from, array $stages, array $observers = []): array
    {
        $ends = [];
        $now = $from;
        foreach ($stages as $stage) {
            $end = $this->runStage($now, $stage, $observers);
            $ends[] = $end;
            $now = $end->end;
        }

        return $ends;
    }

    /** @param  list<StepObserver>  $observers */
    public function runStage(Snapshot $from, Stage $stage, array $observers = []): StageEnd
    {
        $now = $stage->beginsVented ? $from->onFreshPlate()->vented() : $from->onFreshPlate();
        $lengthS = $stage->durationS ?? Stage::LIMIT_S;
        $untilS = $from->timeS + $lengthS;
        [$a, $b] = [$stage->a, $stage->b];
        $stop = $stage->untilCoreC === null ? null : $this->stopFor($stage, $this->coreC($from));
        while ($now->timeS < $untilS - 1e-9) {
            $flip = $stage->nextFlipAfter($now->timeS - $from->timeS);
            $segmentEndS = $flip === null ? $untilS : min($untilS, $from->timeS + $flip);
            [$now, $stopped] = $this->stepper->march($now, $a, $b, $segmentEndS, $stop, $observers);
            if ($stopped) {
                return new StageEnd($stage, $from->timeS, $now, EndedBy::Core);
            }
            [$a, $b] = [$b, $a];
        }

        return new StageEnd($stage, $from->timeS, $now, $stage->durationS === null ? EndedBy::Limit : EndedBy::Duration);
    }

    /** A core above its mark is waited for on the way down only if everything around is colder than the mark. */
    private function stopFor(Stage $stage, float $coreC): CoreStop
    {
        $mark = $stage->untilCoreC ?? 0.0;
        $hottest = max($stage->a->hottestC() ?? -INF, $stage->b->hottestC() ?? -INF);

        return $coreC > $mark && $hottest < $mark ? CoreStop::onTheWayDown($mark) : CoreStop::onTheWayUp($mark);
    }
}
