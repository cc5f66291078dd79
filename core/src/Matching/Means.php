<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Method\Method;

/** What the customer can cook on, and how they want to. */
final readonly class Means
{
    /**
     * @param  list<Method>  $methods  any of them will do; none: any at all
     * @param  list<ApplianceKind>|null  $appliances  null: nothing was said, so the usual kitchen
     * @param  list<ApplianceKind>  $notOn  what it must not be cooked on
     * @param  float|null  $heatC  what the first of the appliances that were named is set to, or the oven where that is named, or none
     */
    public function __construct(
        public array $methods = [],
        public ?array $appliances = null,
        public Fires $fires = new Fires,
        public array $notOn = [],
        public ?float $heatC = null,
    ) {}

    /** What a heat that was said is the heat of; null where none was. */
    public function heatOf(): ?ApplianceKind
    {
        $named = $this->appliances ?? [];

        return match (true) {
            $this->heatC === null => null,
            $named === [], in_array(ApplianceKind::Oven, $named, true) => ApplianceKind::Oven,
            default => $named[0],
        };
    }

    /** Whether a way leaves the heat that was said where it was said. */
    public function isAtHeat(Method $method): bool
    {
        return $this->heatC === null || $method->appliances()[0] === $this->heatOf();
    }
}
