<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Follows the core: its temperature at asked times, when it first reaches each target, and its highest value. */
final class CoreTrace implements StepObserver
{
    /** A stage that ends by its core ends within this of it, K. */
    private const WITHIN_K = 0.002;

    /** @var list<array{float, float}> time in s and core in °C, at the asked times */
    public array $series = [];

    /** @var list<float|null> seconds to each target, in the order given; null when not reached */
    public array $reachedAtS;

    public float $maxC;

    public float $maxAtS = 0.0;

    private int $next = 0;

    /**
     * @param  array<int, float>  $startC  °C at each node when the run begins
     * @param  list<float>  $reportAtS  rising times
     * @param  list<float>  $targetsC
     */
    public function __construct(
        private readonly Grid $grid,
        private readonly float $coreAtM,
        array $startC,
        private readonly array $reportAtS = [],
        private readonly array $targetsC = [],
    ) {
        $coreC = $grid->at($startC, $coreAtM);
        $this->maxC = $coreC;
        $this->reachedAtS = array_map(static fn (float $target): ?float => $coreC >= $target ? 0.0 : null, $targetsC);
        while ($this->next < count($reportAtS) && $reportAtS[$this->next] <= 0.0) {
            $this->series[] = [$reportAtS[$this->next++], $coreC];
        }
    }

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $from = $this->grid->at($fromC, $this->coreAtM);
        $to = $this->grid->at($toC, $this->coreAtM);
        $rate = $this->grid->at($fromRate, $this->coreAtM);
        $endRate = $this->grid->at($toRate, $this->coreAtM);
        $stepS = $toS - $fromS;

        while ($this->next < count($this->reportAtS) && $this->reportAtS[$this->next] <= $toS + 1e-9) {
            $atS = $this->reportAtS[$this->next++];
            $this->series[] = [$atS, Hermite::at(($atS - $fromS) / $stepS, $stepS, $from, $rate, $to, $endRate)];
        }
        if ($to > $this->maxC) {
            $this->maxC = $to;
            $this->maxAtS = $toS;
        }
        if ($rate > 0.0 && $endRate < 0.0) {
            $share = $rate / ($rate - $endRate);
            $top = Hermite::at($share, $stepS, $from, $rate, $to, $endRate);
            if ($top > $this->maxC) {
                $this->maxC = $top;
                $this->maxAtS = $fromS + $share * $stepS;
            }
        }
        foreach ($this->targetsC as $i => $target) {
            if ($this->reachedAtS[$i] !== null) {
                continue;
            }
            if ($to >= $target) {
                $this->reachedAtS[$i] = $fromS + $stepS * Hermite::crossing($target, $stepS, $from, $rate, $to, $endRate);
            } elseif ($this->maxC >= $target - self::WITHIN_K) {
                $this->reachedAtS[$i] = $this->maxAtS;
            }
        }
    }
}
