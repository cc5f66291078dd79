<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Doneness\DonenessWord;

/** The part of a dish that is cooked and seasoned alike. More than one share means pieces apart, marked. */
final readonly class Share
{
    /** @param  list<string>  $avoid  seasonings that must not be on these pieces, in the order of the alphabet */
    public function __construct(public Eaters $eaters, public DonenessWord $doneness, public array $avoid) {}

    public function done(DonenessWord $doneness): self
    {
        return new self($this->eaters, $doneness, $this->avoid);
    }

    /**
     * Those who eat alike together.
     *
     * @param  non-empty-list<array{Eater, DonenessWord, list<string>}>  $rows  who, how done, and without what
     * @return non-empty-list<self> the largest first
     */
    public static function alike(array $rows): array
    {
        $groups = [];
        foreach ($rows as $row) {
            $groups[$row[1]->word.' '.implode(',', $row[2])][] = $row;
        }
        $shares = array_map(
            static fn (array $group): self => new self(new Eaters(...array_column($group, 0)), $group[0][1], $group[0][2]),
            array_values($groups),
        );
        usort($shares, static fn (self $a, self $b): int => $b->eaters->heads() <=> $a->eaters->heads());

        return $shares;
    }
}
