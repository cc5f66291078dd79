<?php

declare(strict_types=1);

namespace Nessmark\Matching;

/** What can rule a piece out. Each can be relaxed by the customer, but one: nobody relaxes safety. */
enum Limit: string
{
    case Fire = 'fire';
    case Suits = 'suits';
    case Avoid = 'avoid';
    case Doneness = 'doneness';
    case Safety = 'safety';
    case Weight = 'weight';
    case Budget = 'budget';
    case UseBy = 'use_by';
    case Order = 'order';
    case Grade = 'grade';
    case Aged = 'aged';
    case Rearing = 'rearing';
    case Origin = 'origin';
    case Reach = 'reach';
    case Time = 'time';
}
