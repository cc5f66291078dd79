<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** Something in a seasoning would burn in a stage, and what is done about it. */
final readonly class Scorch
{
    /** @param  float|null  $onS  when it goes on instead, s from the first heat; null: it stays as it is and the mend is by hand */
    public function __construct(public Ingredient $ingredient, public FilmStep $step, public Mend $mend, public ?float $onS) {}
}
