<?php

declare(strict_types=1);

namespace Tests\App;

use App\Services\CardClock;
use App\Services\Wording;
use PHPUnit\Framework\Attributes\Group;

#[Group('clock')]
final class CardClockTest extends AppTestCase
{
    public function test_the_night_before_has_its_day_and_the_meal_has_none(): void
    {
        $lines = [
            ['clock' => '2026-11-28T21:00:00+01:00', 'at_s' => -79_200],
            ['clock' => '2026-11-29T18:05:00+01:00', 'at_s' => -3300],
            ['clock' => '2026-11-29T19:00:00+01:00', 'at_s' => 0],
        ];
        $clock = CardClock::of($lines, $this->app->make(Wording::class));

        self::assertSame(['Sat 21:00', '18:05', '19:00'], array_map($clock->line(...), $lines));
    }

    public function test_without_an_hour_it_counts_from_the_fire(): void
    {
        $lines = [['clock' => null, 'at_s' => -900], ['clock' => null, 'at_s' => 0], ['clock' => null, 'at_s' => 5400]];
        $clock = CardClock::of($lines, $this->app->make(Wording::class));

        self::assertSame(["−15\u{a0}min", "0\u{a0}min", "1\u{a0}h 30"], array_map($clock->line(...), $lines));
    }
}
