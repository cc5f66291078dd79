<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Heat\StepObserver;

/**
 * Whether every part of the piece was held at some printed point of a safe-cooking table. The printed points decide, not a
 * law fitted through them. Depths are judged one by one: the surface by its own short, hot time, the core by its long one.
 */
final class HeldLongEnough implements StepObserver
{
    /** @var list<float> */
    private array $timesS = [];

    /** @var list<array<int, float>> °C at each node at those times */
    private array $profilesC = [];

    /** @param  array<int, float>  $startC */
    public function __construct(array $startC)
    {
        $this->timesS[] = 0.0;
        $this->profilesC[] = $startC;
    }

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $this->timesS[] = $toS;
        $this->profilesC[] = $toC;
    }

    /** A rule is met when each of its tables is. */
    public function satisfies(SafetyRule $rule, float $reachedByS): bool
    {
        foreach ($rule->tables as $points) {
            if (! $this->meets($points, $reachedByS)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<HoldPoint>  $points  any one of them is enough for a depth
     * @param  float  $reachedByS  the temperature must have been reached by then: while the cook could still probe it, not by a
     *                             carry-over that is only computed; the seconds may run on after it
     */
    public function meets(array $points, float $reachedByS): bool
    {
        foreach (array_keys($this->profilesC[0]) as $node) {
            $celsius = array_map(static fn (array $profile): float => $profile[$node], $this->profilesC);
            $isMet = false;
            foreach ($points as $point) {
                if ($this->isHeld($celsius, $point, $reachedByS)) {
                    $isMet = true;
                    break;
                }
            }
            if (! $isMet) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<float>  $celsius of one depth, at the times of the steps */
    private function isHeld(array $celsius, HoldPoint $point, float $reachedByS): bool
    {
        $since = null;
        $previous = $celsius[0];
        foreach ($celsius as $i => $now) {
            if ($now >= $point->coreC) {
                if ($since === null) {
                    $since = $this->timesS[$i];
                    if ($i > 0 && $now > $previous) {
                        $before = $this->timesS[$i - 1];
                        $since = $before + ($since - $before) * ($point->coreC - $previous) / ($now - $previous);
                    }
                }
                if ($since <= $reachedByS + 1e-6 && $point->holdS <= $this->timesS[$i] - $since) {
                    return true;
                }
            } else {
                $since = null;
            }
            $previous = $now;
        }

        return false;
    }
}
