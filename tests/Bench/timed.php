<?php

declare(strict_types=1);

/**
 * @param  callable(int): mixed  $work  told which run it is
 * @return array{float, float} lowest and middle of the runs, ms
 */
function timed(callable $work, int $runs = 40): array
{
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $began = hrtime(true);
        $work($i);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    sort($times);

    return [$times[0], $times[intdiv($runs, 2)]];
}
