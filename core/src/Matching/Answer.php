<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Meat\Cut;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/** What the counter has for a wish. */
final readonly class Answer
{
    /**
     * @param  list<Found>  $matches  the best first
     * @param  list<Refusal>  $refusals  where nothing matches: the nearest of each limit, the one that stands alone first
     * @param  Cut|null  $insteadOf  the cut that was named and is not there; the matches stand in for it
     * @param  array<string, list<Phrase>>  $changes  what changes with a substitute, by its slug
     * @param  bool  $isMissing  whether nothing of the kind is in the case
     * @param  int  $considered  lots that were looked at
     * @param  list<Lot>  $orders  what was asked for and can be ordered, the soonest first
     */
    public function __construct(
        public array $matches,
        public array $refusals,
        public ?Cut $insteadOf,
        public array $changes,
        public bool $isMissing,
        public int $considered,
        public array $orders = [],
    ) {}
}
