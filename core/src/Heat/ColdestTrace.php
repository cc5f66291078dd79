<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Follows the coldest point, wherever it lies: at asked times, its highest value, and how long it stays above levels. */
final class ColdestTrace implements StepObserver
{
    /** @var list<array{float, float}> time in s and coldest point in °C, at the asked times */
    public array $series = [];

    /** @var list<float> longest unbroken time, s, spent at or above each level, in the order given */
    public array $longestS;

    public float $maxC;

    /** @var list<float|null> when the running stay above each level began */
    private array $aboveSinceS;

    private int $next = 0;

    /**
     * @param  array<int, float>  $startC  °C at each node when the run begins
     * @param  list<float>  $reportAtS  rising times
     * @param  list<float>  $levelsC
     */
    public function __construct(array $startC, private readonly array $reportAtS = [], private readonly array $levelsC = [])
    {
        $coldest = self::coldest($startC);
        $this->maxC = $coldest;
        $this->longestS = array_fill(0, count($levelsC), 0.0);
        $this->aboveSinceS = array_map(static fn (float $level): ?float => $coldest >= $level ? 0.0 : null, $levelsC);
        while ($this->next < count($reportAtS) && $reportAtS[$this->next] <= 0.0) {
            $this->series[] = [$reportAtS[$this->next++], $coldest];
        }
    }

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $from = self::coldest($fromC);
        $to = self::coldest($toC);
        while ($this->next < count($this->reportAtS) && $this->reportAtS[$this->next] <= $toS + 1e-9) {
            $atS = $this->reportAtS[$this->next++];
            $this->series[] = [$atS, $from + ($to - $from) * ($atS - $fromS) / ($toS - $fromS)];
        }
        $this->maxC = max($this->maxC, $to);
        foreach ($this->levelsC as $i => $level) {
            $crossingS = $to === $from ? $toS : $fromS + ($toS - $fromS) * max(0.0, min(1.0, ($level - $from) / ($to - $from)));
            if ($to >= $level) {
                $this->aboveSinceS[$i] ??= $from >= $level ? $fromS : $crossingS;
                $this->longestS[$i] = max($this->longestS[$i], $toS - $this->aboveSinceS[$i]);
            } elseif ($this->aboveSinceS[$i] !== null) {
                $this->longestS[$i] = max($this->longestS[$i], $crossingS - $this->aboveSinceS[$i]);
                $this->aboveSinceS[$i] = null;
            }
        }
    }

    /** @param array<int, float> $celsius */
    private static function coldest(array $celsius): float
    {
        return $celsius === [] ? NAN : min($celsius);
    }
}
