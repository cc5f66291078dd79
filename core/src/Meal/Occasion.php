<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use DateTimeImmutable;
use Nessmark\Doneness\Scale;
use Nessmark\House\HouseRules;

/** When a meal is eaten, by whose rules, and in whose words. */
final readonly class Occasion
{
    public function __construct(
        public HouseRules $house,
        public Scale $scale,
        public ?DateTimeImmutable $now,
        public ?DateTimeImmutable $eatAt,
    ) {}
}
