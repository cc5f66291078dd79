<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** One cut of one lot, cooked one way, for those who eat it alike or apart. */
final readonly class Dish
{
    /**
     * @param  non-empty-list<Share>  $shares  the largest first
     * @param  array<string, string>  $schools  those that bear on it, as they are followed
     * @param  list<string>  $notConsidered  keys of the ask that this version takes but does not use
     */
    public function __construct(
        public Piece $piece,
        public Way $way,
        public array $shares,
        public Occasion $occasion,
        public array $schools,
        public array $notConsidered,
    ) {}

    /** The same dish for its largest share alone. */
    public function forOneShare(): self
    {
        return new self($this->piece, $this->way, [$this->shares[0]], $this->occasion, $this->schools, $this->notConsidered);
    }

    public function eaters(): Eaters
    {
        $eaters = $this->shares[0]->eaters;
        foreach (array_slice($this->shares, 1) as $share) {
            $eaters = $eaters->and($share->eaters);
        }

        return $eaters;
    }

    /** @return non-empty-list<Plate> one for each share, as one cook each */
    public function plates(): array
    {
        $heads = $this->eaters()->heads();

        return array_map(fn (Share $share): Plate => new Plate(
            $this->piece, $this->way, $share, $this->occasion, $this->piece->raw?->times($share->eaters->heads() / $heads),
        ), $this->shares);
    }
}
