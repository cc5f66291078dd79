<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\PorousMaterial;
use Nessmark\Texture\Rendering;
use Nessmark\Texture\WaterHolding;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What is lost on the way to the plate, and what the bite is like. */
final class BiteTest extends TestCase
{
    /** Weight let go by lean beef kept about an hour in a bath, %: the meat literature, from memory, ±5. */
    #[TestWith([50.0, 6.0])]
    #[TestWith([60.0, 16.0])]
    #[TestWith([70.0, 27.0])]
    #[TestWith([80.0, 35.0])]
    public function test_lean_meat_lets_go_what_the_bath_experiments_found(float $celsius, float $percent): void
    {
        self::assertEqualsWithDelta($percent, 100.0 * WaterHolding::lostShare($celsius), 5.0);
    }

    public function test_hotter_never_keeps_more_and_never_renders_less(): void
    {
        for ($celsius = 0.0; $celsius < 130.0; $celsius += 2.5) {
            self::assertGreaterThanOrEqual(WaterHolding::lostShare($celsius), WaterHolding::lostShare($celsius + 2.5));
            self::assertGreaterThanOrEqual(Rendering::renderedShare($celsius), Rendering::renderedShare($celsius + 2.5));
        }
        self::assertSame([0.0, 0.0], [WaterHolding::lostShare(0.0), Rendering::renderedShare(60.0)]);
    }

    public function test_a_bath_lets_nothing_off_as_steam_and_a_grill_does(): void
    {
        $losses = static fn (string $method): array => Counter::open()->ticket([
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 30,
            'method' => $method,
            'diners' => [['count' => 2, 'doneness' => 'medium']],
        ])['losses'];
        [$bath, $grill] = [$losses('water_bath'), $losses('grill')];

        self::assertSame([0.0, 0.0], [$bath['evaporated_share'], $bath['crust_mm']]);
        self::assertGreaterThan(0.03, $grill['evaporated_share']);
        self::assertGreaterThan(0.5, $grill['crust_mm']);
        // Two dry crusts hold no more water than went off as steam: lean is two thirds water by volume, and the figures are rounded.
        self::assertLessThan($grill['evaporated_share'] * 30.0 * 1.15, (2.0 * $grill['crust_mm'] * 2.0) / 3.0);
        self::assertGreaterThan($bath['cooking_loss_share'], $grill['cooking_loss_share']);
        self::assertGreaterThanOrEqual($grill['evaporated_share'], $grill['cooking_loss_share'], 'steam is part of what is lost');
    }

    public function test_fat_under_a_skin_is_no_crust(): void
    {
        $losses = Counter::open()->ticket([
            'cut' => 'duck-breast',
            'thickness_mm' => 25,
            'method' => 'pan',
            'diners' => [['count' => 2]],
        ])['losses'];

        // As above: skin and lean dried on both sides hold no more water than went off; fat has next to none to give.
        self::assertGreaterThan(0.5, $losses['crust_mm']);
        self::assertLessThan($losses['evaporated_share'] * 25.0 * 1.15, (2.0 * $losses['crust_mm'] * 2.0) / 3.0);
    }

    public function test_a_steak_loses_15_to_30_percent_on_a_grill(): void
    {
        // Raw to cooked yields of beef steaks, broiled, about 70 to 82 %: USDA Table of Cooking Yields, from memory.
        foreach (['medium_rare', 'medium', 'well'] as $word) {
            $lost = Counter::open()->ticket([
                'cut' => 'beef-strip-steak',
                'thickness_mm' => 25,
                'method' => 'grill',
                'diners' => [['count' => 2, 'doneness' => $word]],
            ])['losses']['cooking_loss_share'];
            self::assertGreaterThan($word === 'medium_rare' ? 0.13 : 0.15, $lost, $word); // the table begins at 60 °C
            self::assertLessThan(0.36, $lost, $word);
        }
    }

    public function test_a_wetter_surface_takes_longer_and_a_drier_one_less(): void
    {
        foreach (['oven_roast', 'smoke', 'spit'] as $method) {
            $cut = $method === 'smoke' ? 'pork-spare-ribs' : ($method === 'spit' ? 'pork-spit-chunks' : 'beef-eye-of-round-roast');
            $mm = Counter::open()->catalogue->cut($cut)->build->typicalMm;
            $times = array_map(
                static fn (string $surface): float => Counter::open()->ticket([
                    'cut' => $cut,
                    'thickness_mm' => $mm,
                    'method' => $method,
                    'surface' => $surface,
                ])['time']['likely_s'],
                ['dried', 'patted', 'wet'],
            );
            $sorted = $times;
            sort($sorted);

            self::assertSame($sorted, $times, $method);
        }
    }

    public function test_the_cap_of_a_duck_renders_on_its_skin_and_not_in_a_bath(): void
    {
        $rendered = static fn (string $method): ?float => Counter::open()->ticket([
            'cut' => 'duck-breast',
            'thickness_mm' => 22,
            'method' => $method,
            'diners' => [['count' => 2, 'doneness' => 'pink']],
        ])['texture']['fat_rendered_share'];

        self::assertGreaterThan(0.4, $rendered('pan'));
        self::assertLessThan(0.05, $rendered('water_bath'));
        self::assertNull(
            Counter::open()->ticket(['cut' => 'beef-strip-steak', 'thickness_mm' => 25])['texture']['fat_rendered_share'],
            'the rim of a steak lies on no face',
        );
    }

    public function test_collagen_has_turned_as_far_as_the_word_says(): void
    {
        $turned = static fn (string $word): float => Counter::open()->ticket([
            'cut' => 'beef-cheek',
            'thickness_mm' => 50,
            'method' => 'braise',
            'diners' => [['count' => 2, 'doneness' => $word]],
        ])['texture']['collagen_turned_share'];

        // The marks of core/data/texture.json; the rest in the pot adds a little.
        self::assertEqualsWithDelta(0.65, $turned('fork_tender'), 0.04);
        self::assertEqualsWithDelta(0.85, $turned('falling_apart'), 0.04);
        self::assertLessThan(
            0.02,
            Counter::open()->ticket(['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 25])['texture']['collagen_turned_share'],
        );
    }

    public function test_in_mince_vapour_carries_heat_and_the_more_the_hotter(): void
    {
        $solid = new ConstantMaterial(0.45, 1000.0, 3400.0);
        $mince = new PorousMaterial($solid);
        $before = 0.0;
        foreach ([5.0, 40.0, 70.0, 90.0] as $celsius) {
            $added = $mince->conductivityWMK($celsius) - 0.45;
            self::assertGreaterThan($before, $added);
            $before = $added;
        }

        self::assertLessThan(0.01, $mince->conductivityWMK(5.0) - 0.45, 'cold mince conducts as meat does');
        self::assertEqualsWithDelta(
            0.22,
            $before,
            0.05,
            'D·L·dρ/dT·P/(P−p) at 90 °C by hand: 3.8e-5 · 2.29e6 · 0.0146 · 3.3 = 4.2 W/(m·K), a twentieth of it',
        );
        self::assertSame($solid->heatCapacityJM3K(50.0), $mince->heatCapacityJM3K(50.0));
    }
}
