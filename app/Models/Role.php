<?php

declare(strict_types=1);

namespace App\Models;

/** Who stands where in the shop. */
enum Role: string
{
    case Advisor = 'advisor';
    case Cutter = 'cutter';
    case HeadButcher = 'head_butcher';

    public function changesCatalogue(): bool
    {
        return $this === self::HeadButcher;
    }

    /** Takes meat in, prices it, changes and imports it. */
    public function changesCase(): bool
    {
        return match ($this) {
            self::Cutter, self::HeadButcher => true,
            self::Advisor => false,
        };
    }

    /** Writes the house rules and says who works here. */
    public function runsHouse(): bool
    {
        return $this === self::HeadButcher;
    }

    public function givesTickets(): bool
    {
        return match ($this) {
            self::Advisor, self::HeadButcher => true,
            self::Cutter => false,
        };
    }
}
