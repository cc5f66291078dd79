<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Generator;
use Nessmark\Advice\RoughCook;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/** One way of cooking after the other: what its ticket says agrees with itself, and follows what a cook does. */
final class EveryMethodTest extends TestCase
{
    /** @return Generator<string, array{Method, string, float, list<string>}> */
    public static function cooked(): Generator
    {
        yield 'pan' => [Method::Pan, 'beef-rib-eye-steak', 30.0, ['pan', 'rest']];
        yield 'pan, on the skin' => [Method::Pan, 'duck-breast', 22.0, ['skin_side', 'flesh_side_covered', 'rest']];
        yield 'pan, cooked through' => [Method::Pan, 'chicken-breast', 25.0, ['pan_covered', 'rest']];
        yield 'grill' => [Method::Grill, 'beef-strip-steak', 30.0, ['grill', 'rest']];
        yield 'grill, hood down' => [Method::Grill, 'sea-bass-whole', 45.0, ['grill_covered', 'plated']];
        yield 'ribs, beside the fire' => [Method::Grill, 'pork-back-ribs', 25.0, ['grill_beside', 'grill_wrapped', 'rest_wrapped']];
        yield 'broiler' => [Method::Broil, 'beef-strip-steak', 25.0, ['broil', 'rest']];
        yield 'roast' => [Method::OvenRoast, 'turkey-whole', 190.0, ['oven', 'rest']];
        yield 'sear, then oven' => [Method::SearThenOven, 'lamb-rump', 45.0, ['sear', 'oven', 'rest']];
        yield 'oven, then sear' => [Method::OvenThenSear, 'lamb-rump', 45.0, ['oven', 'rest_before_sear', 'sear', 'rest']];
        yield 'bath' => [Method::WaterBath, 'salmon-loin', 28.0, ['bath']];
        yield 'bath, then sear' => [Method::BathThenSear, 'beef-rib-eye-steak', 35.0, ['bath', 'sear', 'rest']];
        yield 'braise' => [Method::Braise, 'beef-cheek', 50.0, ['sear', 'braise', 'rest']];
        yield 'parcel' => [Method::Parcel, 'lamb-parcel-pieces', 38.0, ['parcel', 'parcel_opened', 'rest']];
        yield 'poach' => [Method::Poach, 'chicken-breast', 25.0, ['poach']];
        yield 'steam' => [Method::Steam, 'cod-loin', 30.0, ['steam_comes_back', 'steam']];
        yield 'wok' => [Method::StirFry, 'beef-stir-fry-strips', 6.0, ['stir_fry', 'plated']];
        yield 'deep fat' => [Method::DeepFry, 'cod-fillet', 18.0, ['deep_fry', 'plated']];
        yield 'spit' => [Method::Spit, 'pork-spit-chunks', 70.0, ['spit_far', 'spit', 'rest']];
        yield 'smoker' => [Method::Smoke, 'beef-brisket-flat', 50.0, ['smoke', 'smoke_wrapped', 'rest_wrapped']];
        yield 'pot roast' => [Method::PotRoast, 'venison-haunch-roast', 85.0, ['sear', 'pot_roast', 'rest']];
        yield 'simmer' => [Method::Simmer, 'ox-tongue', 100.0, ['simmer']];
        yield 'simmer, in the shell' => [Method::Simmer, 'lobster', 55.0, ['simmer']];
        yield 'confit' => [Method::Confit, 'duck-leg', 48.0, ['confit']];
        yield 'air fryer' => [Method::AirFry, 'chicken-thigh', 35.0, ['air_fry', 'rest']];
    }

    /** @param  list<string>  $stages */
    #[DataProvider('cooked')]
    public function test_its_stages_follow_one_another_and_its_figures_agree(Method $method, string $cut, float $mm, array $stages): void
    {
        $ticket = Counter::open()->ticket(['cut' => $cut, 'thickness_mm' => $mm, 'method' => $method->value]);

        self::assertSame($stages, array_column($ticket['stages'], 'name'));
        $atS = 0.0;
        foreach ($ticket['stages'] as $stage) {
            self::assertEqualsWithDelta($atS, $stage['starts_s'], 1.0, $stage['name']);
            self::assertGreaterThan($stage['starts_s'], $stage['ends_s']);
            $atS = $stage['ends_s'];
        }
        self::assertEqualsWithDelta($atS, $ticket['total_s'], 1.0);
        self::assertEqualsWithDelta($ticket['total_s'] - $ticket['rest_s'], $ticket['time']['likely_s'], 2.0);
        self::assertLessThanOrEqual($ticket['time']['likely_s'], $ticket['time']['low_s']);
        self::assertGreaterThanOrEqual($ticket['time']['likely_s'], $ticket['time']['high_s']);
        if (! in_array($method, [Method::OvenThenSear, Method::BathThenSear], true)) {
            self::assertEqualsWithDelta($ticket['peak_core_c'] - $ticket['pull_core_c'], $ticket['carry_over_k'], 1.1, 'shown to a degree');
        }
        self::assertEqualsWithDelta(1.0, array_sum(array_column($ticket['cross_section']['zones'], 'fraction')), 0.001);
        self::assertGreaterThanOrEqual($ticket['losses']['evaporated_share'], $ticket['losses']['cooking_loss_share']);
        self::assertLessThan(0.65, $ticket['losses']['cooking_loss_share']);
    }

    /** @param  list<string>  $stages */
    #[DataProvider('cooked')]
    public function test_its_lines_stand_in_the_order_of_the_clock_and_have_their_words(
        Method $method,
        string $cut,
        float $mm,
        array $stages,
    ): void {
        $ticket = Counter::open()->ticket(['cut' => $cut, 'thickness_mm' => $mm, 'method' => $method->value, 'thin_mm' => 0.8 * $mm]);
        $times = array_column($ticket['timeline'], 'at_s');
        $sorted = $times;
        sort($sorted);
        $said = [
            ...array_column($ticket['timeline'], 'do'),
            ...$ticket['cautions'],
            ...$ticket['doubts'],
            $ticket['keeping'],
            ...$ticket['tempering'] === null ? [] : [$ticket['tempering']],
        ];

        self::assertSame($sorted, $times);
        foreach ($said as $phrase) {
            Words::assertSaid(new Phrase($phrase['key'], (array) $phrase['args']));
        }
        foreach ($stages as $stage) {
            self::assertArrayHasKey($stage, Words::section('stage'));
        }
        foreach ($ticket['fires'] as $sort) {
            self::assertArrayHasKey($sort, Words::section('fire'));
        }
    }

    /** What the ticket says an input does is what happens when it is put in: fires that differ, from bath to grill. */
    #[TestWith(['pan', 'beef-rib-eye-steak', 30.0])]
    #[TestWith(['grill', 'beef-rib-eye-steak', 30.0])]
    #[TestWith(['broil', 'beef-strip-steak', 25.0])]
    #[TestWith(['oven_roast', 'beef-eye-of-round-roast', 90.0])]
    #[TestWith(['water_bath', 'beef-rib-eye-steak', 30.0])]
    public function test_a_millimetre_more_costs_what_is_said(string $method, string $cut, float $mm): void
    {
        $ticket = static fn (float $mm): array => Counter::open()->ticket(['cut' => $cut, 'thickness_mm' => $mm, 'method' => $method]);
        $said = array_column($ticket($mm)['effects'], 'change_s', 'input')['thickness'];
        $costs = ($ticket($mm + 4.0)['time']['likely_s'] - $ticket($mm)['time']['likely_s']) / 4.0;

        self::assertEqualsWithDelta(1.0, $said / $costs, 0.4, "said {$said} s, costs {$costs} s");
    }

    /** Hot fat burns whoever stands at it, bubbling or still (common practice). */
    #[TestWith(['deep_fry', 'cod-fillet', 18.0])]
    #[TestWith(['confit', 'duck-leg', 48.0])]
    public function test_whatever_lies_in_hot_fat_comes_with_its_caution(string $method, string $cut, float $mm): void
    {
        $ticket = Counter::open()->ticket(['cut' => $cut, 'thickness_mm' => $mm, 'method' => $method]);

        self::assertContains('caution.hot_fat', array_column($ticket['cautions'], 'key'));
    }

    public function test_the_rough_cook_that_puts_cuts_side_by_side_lands_near_the_ticket(): void
    {
        $rough = RoughCook::from(DataFolder::shipped());
        $ratios = [];
        foreach (self::cooked() as $name => [$method, $slug]) {
            $cut = Counter::open()->catalogue->cut($slug);
            $ticket = Counter::open()->ticket(['cut' => $slug, 'thickness_mm' => $cut->build->typicalMm, 'method' => $method->value]);
            $ratios[$name] = ($rough->of($cut, $method)['time_s'] ?? NAN) / $ticket['time']['likely_s'];
        }
        sort($ratios);

        self::assertGreaterThan(0.7, $ratios[0]);
        self::assertLessThan(1.3, $ratios[count($ratios) - 1]);
        self::assertEqualsWithDelta(1.0, $ratios[intdiv(count($ratios), 2)], 0.05);
    }

    public function test_effects_are_told_with_the_weightiest_first_and_all_of_them_slow_the_cook(): void
    {
        foreach (self::cooked() as [$method, $cut, $mm]) {
            $ticket = Counter::open()->ticket(['cut' => $cut, 'thickness_mm' => $mm, 'method' => $method->value]);
            foreach ($ticket['effects'] as $effect) {
                // a wetter surface keeps the crust away, which now and then saves a little
                $leastS = -0.02 * $ticket['time']['likely_s'];
                self::assertGreaterThanOrEqual($leastS, $effect['change_s'], "{$method->value} {$effect['input']}");
            }
            self::assertSame(
                $method->driesTheSurface() && $ticket['pull_by'] !== 'fork',
                in_array('surface', array_column($ticket['effects'], 'input'), true),
                $method->value,
            );
        }
    }

    public function test_what_a_fast_fire_would_take_hours_over_is_refused_with_a_way_out(): void
    {
        $this->expectException(InputRefused::class);
        $this->expectExceptionMessage('allowed.faster_way');
        Counter::open()->ticket([
            'cut' => 'chicken-thigh',
            'thickness_mm' => 45,
            'method' => 'pan',
            'heat_c' => 120,
            'covered' => false,
        ]);
    }
}
