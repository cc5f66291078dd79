<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\Appetite;
use Nessmark\Advice\Diner;

/** So many people who want it alike. */
final readonly class Eater
{
    /**
     * @param  string|null  $doneness  as said, in any family's words; null: as the cut is usually eaten
     * @param  list<string>  $avoid  what must not be in theirs: kinds of meat, or seasonings
     */
    public function __construct(public int $count, public Appetite $appetite, public bool $isAtRisk, public ?string $doneness, public array $avoid) {}

    public function diner(): Diner
    {
        return new Diner($this->count, $this->appetite, $this->isAtRisk);
    }
}
