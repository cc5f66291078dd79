<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use DateTimeImmutable;
use Nessmark\Doneness\Scale;
use Nessmark\House\HouseRules;
use Nessmark\Meal\Eaters;
use Nessmark\Stock\Lot;

/** What the customer has and wants, before any piece of meat is chosen. */
final readonly class Wish
{
    /**
     * @param  int|null  $budgetMinor  a head, hundredths of the shop's currency
     * @param  list<Want>  $wants
     * @param  bool  $isStoodIn  another cut than the one that was named is looked for
     * @param  Eaters  $eaters  who eats of the meat
     * @param  Eaters|null  $table  with those who eat none; null: they are all who sit there
     * @param  string|null  $seasoning  one of the shelf, or a family of them
     */
    public function __construct(
        public Eaters $eaters,
        public MeatWanted $meat,
        public Means $means,
        public HouseRules $house,
        public Scale $scale,
        public DateTimeImmutable $now,
        public ?DateTimeImmutable $eatAt = null,
        public ?int $budgetMinor = null,
        public array $wants = [],
        public bool $mayOrder = false,
        public bool $isStoodIn = false,
        public ?string $seasoning = null,
        public ?Eaters $table = null,
    ) {}

    public function wants(Want $want): bool
    {
        return in_array($want, $this->wants, true);
    }

    /** Whether a lot is the meat that was asked for, whatever else may rule it out. */
    public function takes(Lot $lot): bool
    {
        return $this->meat->isFor($lot->cut) && ($lot->leadDays === 0 || $this->mayOrder);
    }

    /** The house's portions, and twice of them where something is to be left over. Common practice, no source. */
    public function portions(): float
    {
        return $this->house->portions * ($this->wants(Want::Leftovers) ? 2.0 : 1.0);
    }

    /** The day it is eaten. */
    public function day(): DateTimeImmutable
    {
        return $this->eatAt ?? $this->now;
    }

    public function availableS(): ?float
    {
        return $this->eatAt === null ? null : (float) ($this->eatAt->getTimestamp() - $this->now->getTimestamp());
    }

    public function for(MeatWanted $meat, bool $isStoodIn = false): self
    {
        return new self(
            $this->eaters,
            $meat,
            $this->means,
            $this->house,
            $this->scale,
            $this->now,
            $this->eatAt,
            $this->budgetMinor,
            $this->wants,
            $this->mayOrder,
            $isStoodIn || $this->isStoodIn,
            $this->seasoning,
            $this->table,
        );
    }

    /** Everyone takes it as it is usually eaten. */
    public function asUsual(): self
    {
        return new self($this->eaters->asUsual(), $this->meat, $this->means, $this->house, $this->scale, $this->now);
    }
}
