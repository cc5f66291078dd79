<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Catalogue\Kind;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;

/** Which meat is wanted, as far as anything was said of it. */
final readonly class MeatWanted
{
    /**
     * @param  array<string, float>|null  $named  how near each cut comes to the name that was said, by slug, 0 to 1; null: none was said
     * @param  list<Kind>  $kinds  all of them apply
     * @param  Mass|null  $raw  asked for by weight, whatever the portions
     * @param  string|null  $grade  scale and value: no other will do
     * @param  int|null  $agedDays  hung at least so long
     */
    public function __construct(
        public ?array $named = null,
        public array $kinds = [],
        public ?Length $thickness = null,
        public ?Mass $raw = null,
        public ?string $grade = null,
        public ?int $agedDays = null,
    ) {}

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

    /** Whether a lot is this meat, whatever else may rule it out. */
    public function takes(Lot $lot): bool
    {
        return $this->isFor($lot->cut) &&
            ($this->grade === null || $lot->grade === $this->grade) &&
            ($this->agedDays === null || ($lot->agedDays ?? 0) >= $this->agedDays);
    }

    /**
     * The same of other cuts: what a substitute is looked for with.
     *
     * @param  array<string, float>|null  $named
     */
    public function ofOtherCuts(?array $named): self
    {
        return new self($named, [], $this->thickness, $this->raw, $this->grade, $this->agedDays);
    }
}
