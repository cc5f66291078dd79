<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Catalogue\DishKind;
use Nessmark\Catalogue\Kind;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;

/** Which meat is wanted, as far as anything was said of it. */
final readonly class MeatWanted
{
    /**
     * @param  array<string, float>|null  $named  how near each cut comes to the name that was said, by slug, 0 to 1; null: none was said
     * @param  list<Kind>  $kinds  all of them apply
     * @param  Kind|null  $orKind  this will do as well
     */
    public function __construct(
        public ?array $named = null,
        public array $kinds = [],
        public ?Length $thickness = null,
        public SizeWanted $size = new SizeWanted(),
        public LotWanted $lot = new LotWanted(),
        public ?DishKind $dish = null,
        public ?Kind $orKind = null,
    ) {}

    public function isFor(Cut $cut): bool
    {
        if ($this->orKind?->holds($cut) === true) {
            return true;
        }
        if (($this->named !== null && ! isset($this->named[$cut->slug])) || $this->dish?->holds($cut) === false) {
            return false;
        }
        foreach ($this->kinds as $kind) {
            if (! $kind->holds($cut)) {
                return false;
            }
        }

        return true;
    }

    /**
     * The same of other cuts: what a substitute is looked for with.
     *
     * @param  array<string, float>|null  $named
     */
    public function ofOtherCuts(?array $named): self
    {
        return new self($named, [], $this->thickness, $this->size, $this->lot);
    }
}
