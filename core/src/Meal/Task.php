<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Say\Phrase;

/** One thing to do for a meal, in whole minutes. */
final readonly class Task
{
    /**
     * @param  string  $id  one of a kind in its meal
     * @param  string  $dish  its letter
     * @param  list<Station>  $uses  one of each while it lasts
     * @param  float|null  $heatC  of an oven or a bath it shares with others
     * @param  string|null  $then  id of what comes after it; null for what is eaten
     * @param  int  $leastGap  min between its end and the start of what comes after it, or the eating
     * @param  int  $mostGap  min that it can wait there
     */
    public function __construct(
        public string $id,
        public string $dish,
        public Phrase $what,
        public int $minutes,
        public array $uses,
        public ?float $heatC,
        public ?string $then,
        public int $leastGap,
        public int $mostGap,
    ) {}

    /** The same, which can stand so many minutes at least before what comes next. */
    public function waiting(int $minutes): self
    {
        return new self(
            $this->id, $this->dish, $this->what, $this->minutes, $this->uses, $this->heatC, $this->then, $this->leastGap,
            max($this->mostGap, $minutes),
        );
    }

    public function saying(Phrase $what): self
    {
        return new self(
            $this->id, $this->dish, $what, $this->minutes, $this->uses, $this->heatC, $this->then, $this->leastGap, $this->mostGap,
        );
    }

    /** The same on another fire, or on none. */
    public function on(?Station $other, Station $lost): self
    {
        $uses = array_values(array_filter($this->uses, static fn (Station $on): bool => $on !== $lost && $on !== $other));

        return new self(
            $this->id, $this->dish, $this->what, $this->minutes, $other === null ? $uses : [$other, ...$uses], $this->heatC, $this->then,
            $this->leastGap, $this->mostGap,
        );
    }

    /** What keeps a pair of hands: one that stands at the grill minds all that is on it. */
    public function keeps(): string
    {
        return in_array(Station::Grill, $this->uses, true) ? Station::Grill->value : $this->id;
    }
}
