<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use DateTimeImmutable;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Catalogue\Kind;
use Nessmark\Doneness\Scale;
use Nessmark\House\HouseRules;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;

/** What the customer has and wants, before any piece of meat is chosen. */
final readonly class Wish
{
    /**
     * @param  non-empty-list<Eater>  $eaters
     * @param  array<string, float>|null  $named  how near each cut comes to the name that was said, by slug, 0 to 1; null: none was said
     * @param  list<Kind>  $kinds  all of them apply
     * @param  list<Method>  $methods  any of them will do; none: any at all
     * @param  list<ApplianceKind>|null  $appliances  null: nothing was said, so the usual kitchen
     * @param  int|null  $budgetMinor  a head, hundredths of the shop's currency
     * @param  list<Want>  $wants
     * @param  string|null  $grade  scale and value: no other will do
     * @param  int|null  $agedDays  hung at least so long
     * @param  Mass|null  $raw  asked for by weight, whatever the portions
     */
    public function __construct(
        public array $eaters,
        public ?array $named,
        public array $kinds,
        public array $methods,
        public ?array $appliances,
        public Fires $fires,
        public ?Length $thickness,
        public DateTimeImmutable $now,
        public ?DateTimeImmutable $eatAt,
        public ?int $budgetMinor,
        public array $wants,
        public Scale $scale,
        public bool $mayOrder,
        public ?Mass $raw = null,
        public HouseRules $house = new HouseRules,
        public ?string $grade = null,
        public ?int $agedDays = null,
    ) {}

    public function wants(Want $want): bool
    {
        return in_array($want, $this->wants, true);
    }

    public function isFor(Cut $cut): bool
    {
        if ($this->named !== null && ! isset($this->named[$cut->slug])) {
            return false;
        }
        foreach ($this->kinds as $kind) {
            if (! $kind->holds($cut)) {
                return false;
            }
        }

        return true;
    }

    /** Whether a lot is the meat that was asked for, whatever else may rule it out. */
    public function takes(Lot $lot): bool
    {
        return $this->isFor($lot->cut) && ($lot->leadDays === 0 || $this->mayOrder)
            && ($this->grade === null || $lot->grade === $this->grade) && ($this->agedDays === null || ($lot->agedDays ?? 0) >= $this->agedDays);
    }

    public function heads(): int
    {
        return array_sum(array_map(static fn (Eater $eater): int => $eater->count, $this->eaters));
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

    /**
     * The same wish for other meat: what a substitute is looked for with.
     *
     * @param  array<string, float>|null  $named
     */
    public function withNamed(?array $named): self
    {
        return new self($this->eaters, $named, [], $this->methods, $this->appliances, $this->fires, $this->thickness, $this->now, $this->eatAt, $this->budgetMinor, $this->wants, $this->scale, $this->mayOrder, $this->raw, $this->house, $this->grade, $this->agedDays);
    }
}
