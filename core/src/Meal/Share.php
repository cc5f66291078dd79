<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Doneness\DonenessWord;

/** The part of a dish that is cooked and seasoned alike. More than one share means pieces apart, marked. */
final readonly class Share
{
    /**
     * @param  list<string>  $avoid  seasonings that must not be on these pieces, in the order of the alphabet
     * @param  string|null  $avoided  the word by which somebody of them goes without this very meat
     */
    public function __construct(
        public Eaters $eaters,
        public DonenessWord $doneness,
        public array $avoid,
        public ?string $avoided = null,
    ) {}

    public function done(DonenessWord $doneness): self
    {
        return new self($this->eaters, $doneness, $this->avoid, $this->avoided);
    }

    /**
     * Those who eat alike together.
     *
     * @param  non-empty-list<array{Eater, DonenessWord, list<string>, string|null}>  $rows  who, how done, without what, and the word by
     *     which they go without this meat
     * @return non-empty-list<self> the largest first
     */
    public static function alike(array $rows): array
    {
        $groups = [];
        foreach ($rows as $row) {
            $groups["{$row[1]->word} {$row[1]->targetC} ".implode(',', $row[2]).' '.$row[3]][] = $row;
        }
        $shares = array_map(
            static fn (array $group): self => new self(new Eaters(...array_column($group, 0)), $group[0][1], $group[0][2], $group[0][3]),
            array_values($groups),
        );
        usort($shares, static fn (self $a, self $b): int => $b->eaters->heads() <=> $a->eaters->heads());

        return $shares;
    }
}
