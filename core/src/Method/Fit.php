<?php

declare(strict_types=1);

namespace Nessmark\Method;

/** How well a way of cooking suits a cut. */
enum Fit: string
{
    case Good = 'good';
    case Possible = 'possible';
    case Poor = 'poor';

    public function rank(): int
    {
        return match ($this) {
            self::Good => 0,
            self::Possible => 1,
            self::Poor => 2,
        };
    }
}
