<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Nessmark\Safety\Profile;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** An ask's own profile holds beside the house's, rule by rule; what nobody said of an animal is read out. */
final class TwoProfilesTest extends TestCase
{
    /** USDA FSIS: no oven under 163 °C (325 °F) for rolled meat; from memory. */
    public function test_the_least_oven_of_either_profile_holds(): void
    {
        $ask = [
            'cut' => 'lamb-leg-rolled', 'method' => 'oven_roast', 'thickness_mm' => 110, 'heat_c' => 140.0,
            'diners' => [['count' => 6, 'doneness' => 'well']],
        ];
        $keys = static fn (array $ask): array => array_column(Counter::open()->ticket($ask, Profile::Uk)['verdict']['findings'], 'key');

        self::assertNotContains('safety.oven_too_cool', $keys($ask));
        self::assertContains('safety.oven_too_cool', $keys([...$ask, 'profile' => 'us']));
    }

    /** Pork below its minimum: not handed over in the United Kingdom (from memory), read out in the United States. */
    public function test_below_the_minimum_the_stricter_profile_decides_whichever_comes_first(): void
    {
        $ask = ['cut' => 'pork-tenderloin', 'method' => 'pan', 'diners' => [['count' => 2, 'doneness' => 'core:58']]];
        $level = static fn (Profile $house, array $more): string => Counter::open()
            ->ticket([...$ask, ...$more], $house)['verdict']['level'];

        self::assertSame('caution', $level(Profile::Us, []));
        self::assertSame('stop', $level(Profile::Us, ['profile' => 'uk']));
        self::assertSame('stop', $level(Profile::Uk, ['profile' => 'us']));
    }

    public function test_farmed_or_wild_is_asked_of_venison_that_is_only_safe_for_the_farmed(): void
    {
        $ask = [
            'cut' => 'venison-loin-steak', 'method' => 'pan', 'thickness_mm' => 25,
            'diners' => [['count' => 2, 'doneness' => 'official_minimum']],
        ];
        $of = static fn (array $more): array => Counter::open()->ticket([...$ask, ...$more])['verdict'];

        self::assertTrue($of([])['meets_official_minimum']);
        self::assertContains('safety.farmed_or_wild', array_column($of([])['findings'], 'key'));
        self::assertNotContains('safety.farmed_or_wild', array_column($of(['rearing' => 'farmed'])['findings'], 'key'));
    }
}
