<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Generator;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\FoodClass;
use Nessmark\Quantity\Length;
use Nessmark\Safety\CookEvidence;
use Nessmark\Safety\HeldLongEnough;
use Nessmark\Safety\Judge;
use Nessmark\Safety\Level;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Serving;
use Nessmark\Safety\Standard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** How cold a piece starts, how fast it is hot, and what nobody can probe. Sources: core/data/safety.json, from memory. */
final class SlowAndColdTest extends TestCase
{
    /** @return Generator<string, array{array<string, mixed>, string, Profile}> an ask, what it is stopped for */
    public static function slow(): Generator
    {
        $for = static fn (string $word): array => [['count' => 6, 'at_risk' => true, 'doneness' => $word]];
        // USDA FSIS: 4 hours through 40 to 140 °F; no oven below 325 °F (163 °C) for birds, stuffed or rolled meat.
        yield 'a turkey in a cool smoker' => [
            ['cut' => 'turkey-whole', 'thickness_mm' => 200, 'method' => 'smoke', 'heat_c' => 100, 'diners' => $for('done')],
            'safety.too_slow',
            Profile::Us,
        ];
        yield 'a stuffed joint in a cool oven' => [
            [
                'cut' => 'lamb-leg-stuffed',
                'thickness_mm' => 110,
                'method' => 'oven_roast',
                'heat_c' => 120,
                'diners' => $for('cooked_through'),
            ],
            'safety.oven_too_cool',
            Profile::Us,
        ];
        yield 'a rolled joint in a cool oven' => [
            [
                'cut' => 'lamb-leg-rolled',
                'thickness_mm' => 110,
                'method' => 'oven_roast',
                'heat_c' => 120,
                'diners' => $for('official_minimum'),
            ],
            'safety.oven_too_cool',
            Profile::Us,
        ];
        yield 'a chicken in an oven just too cool' => [
            ['cut' => 'chicken-whole', 'thickness_mm' => 110, 'method' => 'oven_roast', 'heat_c' => 160, 'diners' => $for('done')],
            'safety.oven_too_cool',
            Profile::Us,
        ];
        // UK 2013 regulations, schedule 4: 4 hours between cold and 63 °C.
        yield 'a stuffed joint in a cool oven, elsewhere' => [
            [
                'cut' => 'lamb-leg-stuffed',
                'thickness_mm' => 130,
                'method' => 'oven_roast',
                'heat_c' => 100,
                'diners' => $for('cooked_through'),
            ],
            'safety.too_slow',
            Profile::Uk,
        ];
    }

    /** @param  array<string, mixed>  $ask */
    #[DataProvider('slow')]
    public function test_what_warms_too_slowly_is_stopped(array $ask, string $key, Profile $profile): void
    {
        $verdict = Counter::open()->ticket($ask, $profile)['verdict'];

        self::assertSame('stop', $verdict['level']);
        self::assertSame('stop', array_column($verdict['findings'], 'level', 'key')[$key] ?? null);
    }

    public function test_the_usual_fire_is_set_so_that_it_is_not_too_slow(): void
    {
        $joints = [['chicken-whole', 'oven_then_sear', 163.0], ['turkey-whole', 'smoke', 111.0], ['pork-leg-rolled', 'oven_roast', 163.0]];
        foreach ($joints as [$slug, $method, $leastC]) {
            $cut = Counter::open()->catalogue->cut($slug);
            if (! in_array($method, array_column(Counter::open()->suitability->offered($cut), 'value'), true)) {
                continue;
            }
            $ticket = Counter::open()->ticket([
                'cut' => $slug,
                'thickness_mm' => $cut->build->typicalMm,
                'method' => $method,
                'diners' => [['count' => 8]],
            ]);
            self::assertGreaterThanOrEqual($leastC, $ticket['heat_c'], "{$slug} {$method}");
            self::assertNotSame('stop', $ticket['verdict']['level'], "{$slug} {$method}");
        }
    }

    public function test_the_growth_range_is_counted_to_the_long_end_and_from_the_fridge(): void
    {
        $judge = new Judge(SafetyRules::from(DataFolder::shipped()));
        $serving = new Serving(Counter::open()->catalogue->cut('chicken-whole'), false, new Standard(), null, false, false);
        $level = static function (float $reachedS, float $longerByS, float $stoodS) use ($judge, $serving): Level {
            $held = new HeldLongEnough([74.0]);
            $reached = [CookEvidence::key(54.4) => $reachedS, CookEvidence::key(60.0) => $reachedS];

            return $judge->judge(
                $serving,
                new CookEvidence($held, 4.0, 75.0, $reached, $reachedS, 20_000.0, true, null, $longerByS, $stoodS),
            )->level;
        };

        self::assertSame(Level::Clear, $level(14_300.0, 0.0, 0.0));
        self::assertSame(Level::Stop, $level(14_300.0, 200.0, 0.0), 'the long end is over four hours');
        self::assertSame(Level::Stop, $level(14_300.0, 0.0, 200.0), 'so is the time it stood');
    }

    /** @return Generator<string, array{FoodClass, float, float, float}> US, UK, EU in °C */
    public static function chills(): Generator
    {
        // FDA Food Code 3-501.16 (41 °F), England 8 °C, Regulation (EC) 853/2004 by product.
        yield 'beef' => [FoodClass::WholeMuscle, 5.0, 8.0, 7.0];
        yield 'mince' => [FoodClass::Minced, 5.0, 8.0, 2.0];
        yield 'birds' => [FoodClass::Poultry, 5.0, 8.0, 4.0];
        yield 'offal' => [FoodClass::Organ, 5.0, 8.0, 3.0];
        yield 'fish' => [FoodClass::Fish, 5.0, 8.0, 2.0];
    }

    #[DataProvider('chills')]
    public function test_each_profile_has_its_own_cold(FoodClass $class, float $usC, float $ukC, float $euC): void
    {
        $rules = SafetyRules::from(DataFolder::shipped());

        self::assertSame(
            [$usC, $ukC, $euC],
            array_map(static fn (Profile $profile): float => $rules->chilled(new Standard($profile), $class)['most_c'], Profile::cases()),
        );
        self::assertSame($euC, $rules->chilled(new Standard(Profile::Uk, also: Profile::Eu), $class)['most_c']);
    }

    public function test_of_two_ways_of_keeping_the_stricter_half_of_each_holds(): void
    {
        // FDA Food Code 3-401 and 3-501: hot at 57 °C, warmed up to 73.9 °C; UK: 63 °C and 75 °C, two days: as in safety.json, from memory.
        $both = SafetyRules::from(DataFolder::shipped())->cooling(new Standard(Profile::Us, also: Profile::Uk));

        self::assertSame([63.0, 75.0, 2.0, 5.0], [$both->hotC, $both->reheatC, $both->days, $both->coldC]);
    }

    public function test_what_must_start_cold_does_and_is_never_told_to_stand_about(): void
    {
        $slugs = [
            'chicken-whole',
            'chicken-mince',
            'salmon-loin',
            'mussels',
            'prawns',
            'scallops',
            'calf-liver',
            'beef-burger',
            'lamb-leg-stuffed',
            'roe-haunch',
            'lamb-leg-rolled',
        ];
        foreach ($slugs as $slug) {
            $cut = Counter::open()->catalogue->cut($slug);
            $ask = ['cut' => $slug, 'thickness_mm' => $cut->build->typicalMm];
            self::assertNull(Counter::open()->ticket($ask)['tempering'], $slug);
            self::assertSame('stop', Counter::open()->ticket([...$ask, 'start_c' => 6])['verdict']['level'], $slug);
            try {
                Counter::open()->ticket([...$ask, 'out_of_fridge_s' => 600]);
                self::fail("{$slug} was left standing");
            } catch (InputRefused $refused) {
                self::assertSame('out_of_fridge_s', $refused->violations[0]->key);
            }
            self::assertSame(
                min(5.0, SafetyRules::from(DataFolder::shipped())->chilled(new Standard(Profile::Eu), $cut->foodClass)['most_c']),
                Counter::open()->ticket($ask, Profile::Eu)['start_c'],
                $slug,
            );
        }
    }

    public function test_a_core_is_judged_by_what_a_room_makes_of_it_and_not_by_the_limit_of_the_air(): void
    {
        $level = static fn (float $startC): string => Counter::open()->ticket([
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 30,
            'start_c' => $startC,
            'diners' => [['count' => 2, 'doneness' => 'well']],
        ])['verdict']['level'];

        self::assertSame(['clear', 'caution', 'stop'], [$level(10.0), $level(20.0), $level(28.0)]);
    }

    public function test_what_cannot_be_probed_is_told_by_its_form(): void
    {
        $can = static fn (string $slug, float $mm): bool => Counter::open()
            ->catalogue->cut($slug)
            ->canBeProbed(Length::ofMillimetres($mm), 15.0);

        self::assertSame(
            [false, false, false, false],
            [$can('mussels', 20.0), $can('lobster', 40.0), $can('marrow-bones', 50.0), $can('pork-back-ribs', 25.0)],
        );
        self::assertSame(
            [true, true, true, false],
            [$can('beef-shin-slices', 30.0), $can('chicken-whole', 110.0), $can('scallops', 25.0), $can('lemon-sole-fillet', 10.0)],
        );
    }

    /** @return Generator<string, array{string, string, float, Profile}> kept on to the slow end of its range, it would be leather */
    public static function leather(): Generator
    {
        yield 'oysters over fire' => ['oysters', 'grill', 16.0, Profile::Eu];
        yield 'a salmon tail in the smoker' => ['salmon-tail', 'smoke', 8.0, Profile::Uk];
        yield 'back ribs in the smoker' => ['pork-back-ribs', 'smoke', 16.0, Profile::Us];
    }

    #[DataProvider('leather')]
    public function test_a_thin_piece_gets_no_hotter_than_water_boils_or_is_refused_with_the_way_out(
        string $slug,
        string $method,
        float $mm,
        Profile $profile,
    ): void {
        $ask = [
            'cut' => $slug,
            'thickness_mm' => $mm,
            'method' => $method,
            'surface' => 'wet',
            'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'official_minimum']],
        ];
        try {
            $ticket = Counter::open()->ticket($ask, $profile);
            self::assertLessThan(100.0, $ticket['peak_core_c']);
            self::assertLessThan(
                4 * 3600.0,
                $ticket['time']['likely_s'],
                'a hotter fire does not leave it standing half done while it dries',
            );
        } catch (InputRefused $refused) {
            self::assertSame(['thickness_mm', 'unreachable'], [$refused->violations[0]->key, $refused->violations[0]->reason]);
            self::assertSame('allowed.thicker_or_other_way', $refused->violations[0]->allowed->key);
        }
    }

    public function test_a_thin_piece_that_goes_by_the_clock_never_runs_away(): void
    {
        foreach (
            [
                ['lemon-sole-fillet', 'grill', 12.0],
                ['beef-skirt-outside', 'grill', 12.0],
                ['lamb-liver', 'pan', 9.0],
                ['turkey-escalope', 'pan', 8.0],
                ['beef-burger', 'grill', 12.0],
            ] as [$slug, $method, $mm]
        ) {
            $cut = Counter::open()->catalogue->knows($slug) ? Counter::open()->catalogue->cut($slug) : null;
            if ($cut === null || ! in_array($method, array_column(Counter::open()->suitability->offered($cut), 'value'), true)) {
                continue;
            }
            foreach (Profile::cases() as $profile) {
                foreach (['patted', 'wet'] as $surface) {
                    $ticket = Counter::open()->ticket(
                        [
                            'cut' => $slug,
                            'thickness_mm' => max($mm, $cut->build->thinnestMm),
                            'method' => $method,
                            'surface' => $surface,
                            'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'official_minimum']],
                        ],
                        $profile,
                    );
                    self::assertLessThanOrEqual(100.0, $ticket['peak_core_c'], "{$slug} {$profile->value}");
                    self::assertFalse($ticket['can_probe']);
                    self::assertLessThan(1200.0, $ticket['time']['high_s'], "{$slug} {$profile->value}");
                }
            }
        }
    }
}
