<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\Diner;
use Nessmark\Doneness\DonenessWord;

/** The part of the meal that is cooked and seasoned alike. More than one share means pieces apart, marked. */
final readonly class Share
{
    /**
     * @param  non-empty-list<Diner>  $diners
     * @param  list<string>  $avoid  seasonings that must not be on these pieces
     */
    public function __construct(public array $diners, public DonenessWord $word, public array $avoid) {}

    public function count(): int
    {
        return array_sum(array_map(static fn (Diner $diner): int => $diner->count, $this->diners));
    }

    public function isAtRisk(): bool
    {
        return array_filter($this->diners, static fn (Diner $diner): bool => $diner->isAtRisk) !== [];
    }
}
