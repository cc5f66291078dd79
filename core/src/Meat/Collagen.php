<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** How much connective tissue: orders only, since no milligrams by muscle are trusted. */
enum Collagen: string
{
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';
    case VeryHigh = 'very_high';

    public function rank(): int
    {
        return match ($this) {
            self::Low => 1,
            self::Medium => 2,
            self::High => 3,
            self::VeryHigh => 4,
        };
    }

    public static function nearest(float $rank): self
    {
        return self::cases()[max(0, min(3, (int) round($rank) - 1))];
    }
}
