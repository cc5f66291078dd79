<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Keeps the whole temperature profile at asked times. */
final class ProfileTrace implements StepObserver
{
    /** @var list<array{float, array<int, float>}> time in s and °C at each node */
    public array $profiles = [];

    private int $next = 0;

    /**
     * @param  array<int, float>  $startC  °C at each node when the run begins
     * @param  list<float>  $atS  rising times
     */
    public function __construct(array $startC, private readonly array $atS)
    {
        while ($this->next < count($atS) && $atS[$this->next] <= 0.0) {
            $this->profiles[] = [$atS[$this->next++], $startC];
        }
    }

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $stepS = $toS - $fromS;
        while ($this->next < count($this->atS) && $this->atS[$this->next] <= $toS + 1e-9) {
            $atS = $this->atS[$this->next++];
            $profile = [];
            foreach ($fromC as $i => $from) {
                $profile[] = Hermite::at(($atS - $fromS) / $stepS, $stepS, $from, $fromRate[$i], $toC[$i], $toRate[$i]);
            }
            $this->profiles[] = [$atS, $profile];
        }
    }
}
