<?php

declare(strict_types=1);

namespace App\Models;

/** What happened to the meat. */
enum MoveKind: string
{
    case Received = 'received';
    case Sold = 'sold';
    case TakenBack = 'taken_back';
    case WeighedOut = 'weighed_out';
    case ThrownAway = 'thrown_away';
    case Counted = 'counted';
    case Used = 'used';
    case Made = 'made';

    /** What somebody enters by hand; the others come with a ticket, or with what was made at the bench. */
    public function isByHand(): bool
    {
        return ! in_array($this, [self::Sold, self::TakenBack, self::Used, self::Made], true);
    }

    /** It leaves the case to be eaten: not past its day. */
    public function isForEating(): bool
    {
        return in_array($this, [self::Sold, self::WeighedOut, self::Used], true);
    }

    /** Throwing away is explained. */
    public function needsReason(): bool
    {
        return $this === self::ThrownAway;
    }

    /** By how much what is left changes, g. */
    public function changeG(int $grams, int $leftG): int
    {
        return match ($this) {
            self::Received, self::TakenBack, self::Made => $grams,
            self::Sold, self::WeighedOut, self::ThrownAway, self::Used => -$grams,
            self::Counted => $grams - $leftG,
        };
    }
}
