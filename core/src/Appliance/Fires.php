<?php

declare(strict_types=1);

namespace Nessmark\Appliance;

/** Which sort of each appliance the customer has; what is not said is the usual sort. */
final readonly class Fires
{
    /**
     * @param  array<string, string>  $types  by appliance: a pan of cast_iron, an oven with a fan
     * @param  string|null  $level  how high over the fire
     */
    public function __construct(public array $types = [], public ?string $burner = null, public ?string $level = null) {}
}
