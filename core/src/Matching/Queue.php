<?php

declare(strict_types=1);

namespace Nessmark\Matching;

/** Options by score, the best first; of equals in their own fixed order, see Option::place. */
final class Queue
{
    /** @var array<int, float> scores of those that wait, falling */
    private array $scores;

    /** @var array<int, Option> */
    private array $waiting;

    /** @param  list<array{float, Option}>  $options */
    public function __construct(array $options)
    {
        $this->scores = array_column($options, 0);
        $this->waiting = array_column($options, 1);
        arsort($this->scores);
    }

    /** Puts one back with another score: no higher than the one it was taken with. */
    public function put(float $score, Option $option): void
    {
        $this->scores[] = $score;
        $this->waiting[] = $option;
        arsort($this->scores);
    }

    /** @return array{float, Option}|null */
    public function take(): ?array
    {
        $best = null;
        $score = null;
        foreach ($this->scores as $i => $each) {
            if ($score !== null && $each < $score) {
                break;
            }
            $score = $each;
            $best = $best === null || strcmp($this->waiting[$i]->place(), $this->waiting[$best]->place()) < 0 ? $i : $best;
        }
        if ($best === null) {
            return null;
        }
        $option = $this->waiting[$best];
        unset($this->scores[$best], $this->waiting[$best]);

        return [$score, $option];
    }
}
