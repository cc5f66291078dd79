<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Say\Phrase;
use Nessmark\Ticket\TimeRange;

/** One thing that is done with a seasoning, s from the first heat. */
final readonly class Step
{
    public function __construct(public float $atS, public Phrase $do, public ?TimeRange $takes = null) {}
}
