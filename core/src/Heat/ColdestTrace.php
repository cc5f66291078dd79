<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Follows the coldest point, wherever it lies, at asked times. */
final class ColdestTrace implements StepObserver
{
    /** @var list<array{float, float}> time in s and coldest point in °C, at the asked times */
    public array $series = [];

    private int $next = 0;

    /**
     * @param  array<int, float>  $startC  °C at each node when the run begins
     * @param  list<float>  $reportAtS  rising times
     */
    public function __construct(array $startC, private readonly array $reportAtS)
    {
        while ($this->next < count($reportAtS) && $reportAtS[$this->next] <= 0.0) {
            $this->series[] = [$reportAtS[$this->next++], self::coldest($startC)];
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
    }

    /** @param  array<int, float>  $celsius */
    private static function coldest(array $celsius): float
    {
        return $celsius === [] ? NAN : min($celsius);
    }
}
