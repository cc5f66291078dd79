<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** What a chip says something about. */
enum ChipKind: string
{
    case Count = 'count';
    case Appetite = 'appetite';
    case Risk = 'risk';
    case Doneness = 'doneness';
    case Avoid = 'avoid';
    case Named = 'named';
    case Kind = 'kind';
    case Thickness = 'thickness';
    case Weight = 'weight';
    case Method = 'method';
    case Appliance = 'appliance';
    case Day = 'day';
    case Clock = 'clock';
    case Within = 'within';
    case Budget = 'budget';
    case Want = 'want';
    case Order = 'order';
    case Filler = 'filler';
    case Unknown = 'unknown';

    /** Whether it says something about eaters that were just counted. */
    public function isOfEaters(): bool
    {
        return in_array($this, [self::Appetite, self::Risk, self::Doneness, self::Avoid], true);
    }
}
