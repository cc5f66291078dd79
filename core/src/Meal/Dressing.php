<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Seasoning\Shelf;

/** What is to go on a dish. */
final readonly class Dressing
{
    /**
     * @param  Shelf  $shelf  what can be had
     * @param  string|null  $asked  a seasoning, or a family of them; null: whatever suits it
     * @param  float|null  $saltedS  so long before the heat somebody has salted it already; null: nobody said so
     */
    public function __construct(public Shelf $shelf, public ?string $asked, public ?float $saltedS = null) {}

    public function salted(?float $seconds): self
    {
        return new self($this->shelf, $this->asked, $seconds);
    }
}
