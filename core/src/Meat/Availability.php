<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** How often a counter has a cut. */
enum Availability: string
{
    case Daily = 'daily';
    case SomeDays = 'some_days';
    case OnOrder = 'on_order';

    public function rank(): int
    {
        return match ($this) {
            self::Daily => 0,
            self::SomeDays => 1,
            self::OnOrder => 2,
        };
    }
}
