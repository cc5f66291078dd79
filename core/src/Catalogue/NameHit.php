<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Meat\Cut;

/** A cut found, and by which of its names. */
final readonly class NameHit
{
    /** @param  string|null  $place  null for the counter's own name */
    public function __construct(public Cut $cut, public string $name, public ?string $place, public float $score) {}
}
