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
     * @param  float|null  $ovenC  what the oven is set to
     */
    public function __construct(
        public array $methods = [],
        public ?array $appliances = null,
        public Fires $fires = new Fires,
        public array $notOn = [],
        public ?float $ovenC = null,
    ) {}
}
