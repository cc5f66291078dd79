<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use DateTimeImmutable;
use Nessmark\Doneness\Scale;
use Nessmark\House\HouseRules;

/** When a meal is eaten, by whose rules, and in whose words. */
final readonly class Occasion
{
    /** Nobody asks for a meal later: it is a year mistyped. A year, and the feast after it; ours. */
    public const MOST_DAYS_AHEAD = 400;

    public function __construct(
        public HouseRules $house,
        public Scale $scale,
        public ?DateTimeImmutable $now,
        public ?DateTimeImmutable $eatAt,
    ) {}

    public static function isTooFar(DateTimeImmutable $eatAt, DateTimeImmutable $now): bool
    {
        return $eatAt->getTimestamp() - $now->getTimestamp() > 86_400 * self::MOST_DAYS_AHEAD;
    }
}
