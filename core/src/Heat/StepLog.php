<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Keeps every step of a stretch of a run, so that it can be left at any moment in it. */
final class StepLog implements MoistureObserver
{
    /** @var list<array{float, array<int, float>, array<int, float>, float, array<int, float>, array<int, float>}> */
    private array $steps = [];

    /** @var list<Moisture> at the end of each step */
    private array $moisture = [];

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $this->steps[] = [$fromS, $fromC, $fromRate, $toS, $toC, $toRate];
    }

    public function dried(float $timeS, Moisture $moisture): void
    {
        $this->moisture[] = $moisture;
    }

    /** The body at that time, with the water it had at the end of the step; null outside the stretch. */
    public function at(float $timeS): ?Snapshot
    {
        foreach ($this->steps as $step => [$fromS, $fromC, $fromRate, $toS, $toC, $toRate]) {
            if ($timeS >= $fromS - 1e-9 && $timeS <= $toS + 1e-9) {
                $share = ($timeS - $fromS) / ($toS - $fromS);
                $profile = [];
                foreach ($fromC as $i => $from) {
                    $profile[] = Hermite::at($share, $toS - $fromS, $from, $fromRate[$i], $toC[$i], $toRate[$i]);
                }

                return new Snapshot($timeS, $profile, moisture: $this->moisture[$step] ?? null);
            }
        }

        return null;
    }
}
