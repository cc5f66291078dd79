<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Meat\Size;
use Nessmark\Quantity\Mass;
use Nessmark\Say\Phrase;

/** What is taken from the counter: how large a piece, how many, and why so much. The same for price, stock, plan and card. */
final readonly class Sale
{
    /**
     * @param  int|null  $count  whole pieces; null for one joint or one weight
     * @param  Mass  $need  what the portions of those who eat come to, or what was asked for
     * @param  Phrase|null  $why  where it is not just the weight of the portions
     */
    public function __construct(public Size $size, public ?int $count, public Mass $need, public ?Phrase $why) {}

    public function raw(): Mass
    {
        return $this->size->mass->times($this->count ?? 1);
    }
}
