<?php

declare(strict_types=1);

namespace Nessmark\Meat;

/** Fat of the raw piece as sold, in the counter's words. Bounds: common practice, no source. */
enum FatClass: string
{
    case Lean = 'lean';
    case Medium = 'medium';
    case Fat = 'fat';
    case VeryFat = 'very_fat';

    /** @param  float  $fat  kg per kg */
    public static function of(float $fat): self
    {
        return match (true) {
            $fat < 0.05 => self::Lean,
            $fat < 0.12 => self::Medium,
            $fat < 0.25 => self::Fat,
            default => self::VeryFat,
        };
    }
}
