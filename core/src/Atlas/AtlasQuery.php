<?php

declare(strict_types=1);

namespace Nessmark\Atlas;

use Nessmark\Meat\Cut;
use Nessmark\Meat\FatClass;
use Nessmark\Meat\Group;
use Nessmark\Meat\Tenderness;
use Nessmark\Method\Fit;
use Nessmark\Method\Method;
use Nessmark\Method\Suitability;

/** What to look for in the atlas. Whatever is null is left open. */
final readonly class AtlasQuery
{
    public function __construct(
        public string $name = '',
        public ?Group $group = null,
        public ?string $region = null,
        public ?Tenderness $tenderness = null,
        public ?FatClass $fat = null,
        public ?int $priceClass = null,
        public ?Method $method = null,
    ) {}

    public function fits(Cut $cut, Suitability $suitability): bool
    {
        return ($this->group === null || $cut->group === $this->group)
            && ($this->region === null || $cut->region === $this->region)
            && ($this->tenderness === null || Tenderness::nearest($cut->tendernessScore()) === $this->tenderness)
            && ($this->fat === null || FatClass::of($cut->fatFraction()) === $this->fat)
            && ($this->priceClass === null || $cut->priceClass === $this->priceClass)
            && ($this->method === null || $suitability->judge($cut, $this->method)->fit !== Fit::Poor);
    }
}
