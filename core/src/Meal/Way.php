<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Appliance\Fires;
use Nessmark\Method\Manner;
use Nessmark\Method\Method;
use Nessmark\Quantity\Temperature;

/** How a dish is cooked. */
final readonly class Way
{
    /** @param  Temperature|null  $heat  as it was set; null: as the plan has it */
    public function __construct(public Method $method, public ?Temperature $heat, public Fires $fires, public Manner $manner) {}

    public function at(Temperature $heat): self
    {
        return new self($this->method, $heat, $this->fires, $this->manner);
    }

    public function turningEvery(float $seconds): self
    {
        return new self($this->method, $this->heat, $this->fires, $this->manner->turningEvery($seconds));
    }
}
