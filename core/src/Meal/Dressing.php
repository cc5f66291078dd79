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
     */
    public function __construct(public Shelf $shelf, public ?string $asked) {}
}
