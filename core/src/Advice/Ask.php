<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use DateTimeImmutable;
use Nessmark\Appliance\Fires;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\House\HouseRules;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Rearing;
use Nessmark\Meat\Surface;
use Nessmark\Method\Manner;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Quantity\Temperature;
use Nessmark\Safety\Serving;

/** What the customer has and wants, understood and within bounds. */
final readonly class Ask
{
    /**
     * @param  non-empty-list<Diner>  $diners
     * @param  Mass|null  $raw  sold by weight, whatever the portions
     * @param  list<string>  $avoid  what must not be on these pieces
     * @param  list<self>  $apart  the same dish for those who eat it otherwise: pieces of their own, marked
     * @param  string|null  $lotNumber  what it is sold from
     * @param  float  $outOfFridgeS  how long it stands in the room before it is cooked; the start is what its core has by then
     * @param  array<string, string>  $schools  those that bear on it, as they are followed
     * @param  Rearing|null  $rearing  how the animal lived, where somebody said
     * @param  list<string>  $notConsidered  keys of the ask that this version takes but does not use
     */
    public function __construct(
        public Cut $cut,
        public Length $thickness,
        public Temperature $start,
        public Method $method,
        public ?Temperature $heat,
        public Scale $scale,
        public DonenessWord $doneness,
        public array $diners,
        public bool $isParasiteFrozen,
        public ?DateTimeImmutable $now,
        public ?DateTimeImmutable $eatAt,
        public array $notConsidered,
        public Fires $fires = new Fires,
        public Surface $surface = Surface::Patted,
        public ?Length $thinEnd = null,
        public ?Mass $raw = null,
        public array $avoid = [],
        public array $apart = [],
        public ?string $lotNumber = null,
        public HouseRules $house = new HouseRules,
        public Manner $manner = new Manner,
        public float $outOfFridgeS = 0.0,
        public array $schools = [],
        public ?Rearing $rearing = null,
    ) {}

    /** @param  list<self>  $apart */
    public function withApart(array $apart): self
    {
        return $this->with(['apart' => $apart]);
    }

    public function withManner(Manner $manner): self
    {
        return $this->with(['manner' => $manner]);
    }

    public function withHeat(Temperature $heat): self
    {
        return $this->with(['heat' => $heat]);
    }

    /** @param  array<string, mixed>  $changed  properties by name */
    private function with(array $changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]); // @phpstan-ignore argument.type (its own properties, by name)
    }

    /** What safety has to know of it. */
    public function serving(): Serving
    {
        return new Serving($this->cut, $this->isAnyoneAtRisk(), $this->house->standard, $this->rearing, $this->isParasiteFrozen, $this->method->isInBath());
    }

    public function isAnyoneAtRisk(): bool
    {
        foreach ($this->diners as $diner) {
            if ($diner->isAtRisk) {
                return true;
            }
        }

        return false;
    }

    public function dinerCount(): int
    {
        return array_sum(array_map(static fn (Diner $diner): int => $diner->count, $this->diners));
    }
}
