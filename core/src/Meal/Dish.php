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
     * @param  int  $meatless  how many of the table eat no meat, and so nothing of it
     */
    public function __construct(
        public Piece $piece,
        public Way $way,
        public array $shares,
        public Occasion $occasion,
        public array $schools,
        public array $notConsidered,
        public Dressing $dressing,
        public int $meatless = 0,
    ) {}

    /** The same dish for its largest share alone. */
    public function forOneShare(): self
    {
        return new self(
            $this->piece,
            $this->way,
            [$this->shares[0]],
            $this->occasion,
            $this->schools,
            $this->notConsidered,
            $this->dressing,
            $this->meatless,
        );
    }

    public function eaters(): Eaters
    {
        $eaters = $this->shares[0]->eaters;
        foreach (array_slice($this->shares, 1) as $share) {
            $eaters = $eaters->and($share->eaters);
        }

        return $eaters;
    }

    /** @return non-empty-list<Plate> one for each share, as one cook each; whole pieces are parted as whole pieces */
    public function plates(): array
    {
        $heads = array_map(static fn (Share $share): int => $share->eaters->heads(), $this->shares);
        $counts = $this->piece->count === null ? null : self::parted($this->piece->count, $heads);
        $plates = [];
        foreach ($this->shares as $i => $share) {
            $piece = $this->piece->part($counts[$i] ?? null, $heads[$i] / array_sum($heads));
            $plates[] = new Plate($piece, $this->way, $share, $this->occasion);
        }

        return $plates;
    }

    /**
     * As near to the heads as whole pieces come, at least one each (largest remainders).
     *
     * @param  non-empty-list<int>  $heads
     * @return non-empty-list<int>
     */
    private static function parted(int $pieces, array $heads): array
    {
        $fair = array_map(static fn (int $head): float => ($pieces * $head) / array_sum($heads), $heads);
        $counts = array_map(static fn (float $share): int => max(1, (int) floor($share)), $fair);
        while (array_sum($counts) < $pieces) {
            $short = array_map(static fn (float $share, int $count): float => $share - $count, $fair, $counts);
            $most = array_search(max($short), $short, true);
            $counts = array_map(static fn (int $count, int $i): int => $count + ($i === $most ? 1 : 0), $counts, array_keys($counts));
        }

        return $counts;
    }
}
