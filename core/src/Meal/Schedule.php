<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** When everything is begun, so that all of it is ready together. */
final readonly class Schedule
{
    /**
     * @param  array<string, int>  $endsBefore  min from the end of each task to the eating, by its id
     * @param  bool  $isExact  nothing begins later; otherwise it is the best that was found in so many tries
     * @param  list<string>  $hangsOn  ids of those that leave no minute, from the first to the last
     */
    public function __construct(public array $endsBefore, public int $lengthMin, public bool $isExact, public array $hangsOn) {}
}
