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

    public function givesTickets(): bool
    {
        return match ($this) {
            self::Advisor, self::HeadButcher => true,
            self::Cutter => false,
        };
    }
}
