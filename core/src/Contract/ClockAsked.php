<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Meal\Side;
use Nessmark\Meal\Station;
use Nessmark\Meal\Stations;

/** What a meal is put on a clock with. */
final readonly class ClockAsked
{
    /**
     * @param  list<Side>  $sides
     * @param  list<Station>  $out  whose fire has gone out
     * @param  array<string, DateTimeImmutable>  $begun  when a task was begun, by its id
     * @param  array<string, DateTimeImmutable>  $held  when somebody wants a task to begin
     */
    public function __construct(
        public array $sides,
        public DateTimeImmutable $now,
        public DateTimeImmutable $eatAt,
        public Stations $stations,
        public array $out,
        public array $begun,
        public array $held,
    ) {}
}
