<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Keeps every step of a stretch of a run, so that it can be left at any moment in it. */
final class StepLog implements StepObserver
{
    /** @var list<array{float, array<int, float>, array<int, float>, float, array<int, float>, array<int, float>}> */
    private array $steps = [];

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $this->steps[] = [$fromS, $fromC, $fromRate, $toS, $toC, $toRate];
    }

    /**
     * @return array<int, float>|null °C at each node at that time; null outside the stretch
     */
    public function profileAt(float $timeS): ?array
    {
        foreach ($this->steps as [$fromS, $fromC, $fromRate, $toS, $toC, $toRate]) {
            if ($timeS >= $fromS - 1e-9 && $timeS <= $toS + 1e-9) {
                $share = ($timeS - $fromS) / ($toS - $fromS);
                $profile = [];
                foreach ($fromC as $i => $from) {
                    $profile[] = Hermite::at($share, $toS - $fromS, $from, $fromRate[$i], $toC[$i], $toRate[$i]);
                }

                return $profile;
            }
        }

        return null;
    }
}
