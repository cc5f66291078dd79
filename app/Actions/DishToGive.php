<?php

declare(strict_types=1);

namespace App\Actions;

/** One dish of a ticket, as the counter gives it. */
final readonly class DishToGive
{
    /**
     * @param  array<string, mixed>  $ask  in the form of AskReader, untouched
     * @param  list<string>  $cautionsRead  ids of the findings that were read out
     * @param  int|null  $soldG  as weighed; null for what the ticket says
     * @param  string|null  $seen  id of what was on screen; null where nobody looked
     * @param  int|null  $sentAhead  the order of the bench, where the cutter has it already
     */
    public function __construct(
        public array $ask,
        public array $cautionsRead = [],
        public ?int $soldG = null,
        public ?string $seen = null,
        public ?int $sentAhead = null,
    ) {}
}
