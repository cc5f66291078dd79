<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use SplPriorityQueue;

/** Options by score, the best first; of equals in their own fixed order, see Option::place. */
final class Queue
{
    /** @var SplPriorityQueue<array{float, int}, array{float, Option}> */
    private SplPriorityQueue $heap;

    /** @var array<string, int> the place of each among its equals, by lot and method */
    private array $places = [];

    /** @param  list<array{float, Option}>  $options */
    public function __construct(array $options)
    {
        $this->heap = new SplPriorityQueue;
        $places = array_map(static fn (array $row): string => $row[1]->place(), $options);
        asort($places, SORT_STRING);
        $order = 0;
        foreach (array_keys($places) as $i) {
            [$score, $option] = $options[$i];
            $this->places[self::key($option)] = $order--;
            $this->put($score, $option);
        }
    }

    public function put(float $score, Option $option): void
    {
        $this->heap->insert([$score, $option], [$score, $this->places[self::key($option)]]);
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

    private static function key(Option $option): string
    {
        return "{$option->lot->number} {$option->method->value}";
    }
}
