<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Method\MannerChoices;
use Nessmark\Method\Method;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** How a cook is carried out, and what a ticket says where that makes a difference. Common practice, no source. */
final class MannerTest extends TestCase
{
    public function test_an_oven_hot_at_first_browns_it_and_saves_time_and_is_offered_for_what_is_not_hot_anyway(): void
    {
        $joint = ['cut' => 'beef-topside', 'thickness_mm' => 110, 'method' => 'oven_roast'];
        $steady = Counter::open()->ticket($joint);
        $hotFirst = Counter::open()->ticket([...$joint, 'oven_start' => 'hot_first']);
        $hotAllAlong = Counter::open()->ticket([...$joint, 'oven_start' => 'hot_first', 'heat_c' => 240]);

        self::assertSame(['oven_hot', 'oven_turned_down', 'rest'], array_column($hotFirst['stages'], 'name'));
        self::assertLessThan($steady['time']['likely_s'], $hotFirst['time']['likely_s']);
        self::assertEqualsWithDelta($steady['peak_core_c'], $hotFirst['peak_core_c'], 1.0);
        self::assertSame(['oven', 'rest'], array_column($hotAllAlong['stages'], 'name'));
    }

    /** @param  list<string>  $asked */
    #[TestWith(['beef-topside', 'oven_roast', ['oven_start']])]
    #[TestWith(['pork-shoulder-blade', 'smoke', ['wrap']])]
    #[TestWith(['pork-back-ribs', 'grill', ['wrap']])]
    #[TestWith(['beef-rib-eye-steak', 'grill', ['covered']])]
    #[TestWith(['beef-rib-eye-steak', 'broil', []])]
    public function test_what_is_asked_about_it_is_what_changes_it(string $cut, string $method, array $asked): void
    {
        $choices = MannerChoices::of(Counter::open()->catalogue->cut($cut), Method::from($method));

        self::assertSame($asked, array_keys($choices));
        foreach ($choices as $key => $sorts) {
            $times = array_map(
                static fn (string $sort): mixed => Counter::open()->ticket([
                    'cut' => $cut,
                    'method' => $method,
                    $key => $key === 'covered' ? $sort === 'yes' : $sort,
                ])['total_s'],
                $sorts,
            );
            self::assertCount(count($sorts), array_unique($times), "{$cut} {$method} {$key}");
        }
    }

    public function test_what_never_browns_on_hot_metal_says_so(): void
    {
        $keys = static fn (float $heatC): array => array_column(
            Counter::open()->ticket(['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'method' => 'pan', 'heat_c' => $heatC])['doubts'],
            'key',
        );

        self::assertContains('doubt.pale', $keys(125.0));
        self::assertNotContains('doubt.pale', $keys(200.0));
    }

    public function test_a_very_marbled_steak_goes_on_hotter_metal_and_a_graded_one_keeps_more_of_its_weight(): void
    {
        $diners = [['count' => 2, 'doneness' => 'medium']];
        $steak = ['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 25, 'method' => 'pan', 'diners' => $diners];
        $plain = Counter::open()->ticket($steak);
        $prime = Counter::open()->ticket([...$steak, 'grade' => 'usda_quality:prime']);
        $richest = Counter::open()->ticket([...$steak, 'grade' => 'bms:11']);

        self::assertLessThan(235, $prime['heat_c']);
        self::assertGreaterThanOrEqual(235, $richest['heat_c']);
        self::assertLessThanOrEqual(250, $richest['heat_c']);
        self::assertLessThan($plain['losses']['cooking_loss_share'], $prime['losses']['cooking_loss_share']);
    }

    public function test_a_filling_is_in_the_middle_and_is_what_must_be_hot(): void
    {
        $bird = ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'raw_g' => 1600];
        $hollow = Counter::open()->ticket($bird);
        $filled = Counter::open()->ticket([...$bird, 'stuffed' => true]);

        self::assertSame(['bird', 'filled'], [$hollow['cross_section']['form'], $filled['cross_section']['form']]);
        // USDA roasting charts, from memory: a quarter to half an hour more.
        self::assertGreaterThan(1.15, $filled['time']['likely_s'] / $hollow['time']['likely_s']);
        self::assertGreaterThanOrEqual(73.9, $filled['peak_core_c']);
    }

    public function test_shells_have_the_official_plan_beside_the_usual(): void
    {
        $keys = array_column(Counter::open()->ticket(['cut' => 'mussels', 'method' => 'steam'])['doubts'], 'key');

        self::assertContains('doubt.official_shells', $keys);
    }

    public function test_fewer_pieces_than_go_apart_is_said_and_not_done_in_silence(): void
    {
        $ticket = Counter::open()->ticket([
            'cut' => 'beef-rib-eye-steak',
            'pieces' => 1,
            'diners' => [['count' => 1, 'doneness' => 'rare'], ['count' => 1, 'doneness' => 'well']],
        ]);

        self::assertSame(2, $ticket['amounts']['pieces']);
        self::assertSame('amount.apart', $ticket['amounts']['why']['key']);
    }
}
