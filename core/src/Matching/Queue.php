<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use SplPriorityQueue;

/** Options by score, the best first; of equals in their own fixed order. */
final class Queue
{
    /** @var SplPriorityQueue<array{float, int}, array{float, Option}> */
    private SplPriorityQueue $heap;

    /** @var array<string, int> the place of each among its equals, by lot and method; see Option::compare */
    private array $places = [];

    /** @param  list<array{float, Option}>  $options */
    public function __construct(array $options)
    {
        usort($options, static fn (array $a, array $b): int => $a[1]->compare($b[1]));
        $this->heap = new SplPriorityQueue;
        foreach ($options as $rank => [$score, $option]) {
            $this->places["{$option->lot->number} {$option->method->value}"] = -$rank;
            $this->put($score, $option);
        }
    }

    public function put(float $score, Option $option): void
    {
        $this->heap->insert([$score, $option], [$score, $this->places["{$option->lot->number} {$option->method->value}"]]);
    }

    /** @return array{float, Option}|null */
    public function take(): ?array
    {
        if ($this->heap->isEmpty()) {
            return null;
        }
        /** @var array{float, Option} $next */
        $next = $this->heap->extract();

        return $next;
    }
}
