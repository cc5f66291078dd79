<?php

declare(strict_types=1);

namespace App\Models;

/** What happened to the meat. */
enum MoveKind: string
{
    case Received = 'received';
    case Sold = 'sold';
    case WeighedOut = 'weighed_out';
    case ThrownAway = 'thrown_away';
    case Counted = 'counted';

    /** Throwing away and counting again are explained. */
    public function needsReason(): bool
    {
        return $this === self::ThrownAway;
    }
}
