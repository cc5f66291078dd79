<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** The ticket: figures that agree with each other, and times a cook would recognise. */
final class TicketTest extends TestCase
{
    public function test_the_peak_after_resting_is_the_doneness_asked_for(): void
    {
        $missed = [];
        foreach (Counter::open()->kinds() as $cut) {
            foreach (Counter::open()->suitability->offered($cut) as $method) {
                $ticket = Counter::open()->ticket([
                    'cut' => $cut->slug,
                    'thickness_mm' => $cut->build->typicalMm,
                    'method' => $method->value,
                ]);
                $isMinimumBound =
                    // shown to a degree
                    $ticket['pull_core_c'] >= min($ticket['target']['core_c'], $ticket['verdict']['official']['core_c']) - 0.5;
                if (! $isMinimumBound && abs($ticket['peak_core_c'] - $ticket['target']['core_c']) > 0.6) {
                    $missed[] = "{$cut->slug} {$method->value}: {$ticket['peak_core_c']} for {$ticket['target']['core_c']}";
                }
            }
        }

        self::assertSame([], $missed);
    }

    public function test_a_range_spans_its_likely_time_and_grows_with_a_less_certain_fire(): void
    {
        $ask = ['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'diners' => [['count' => 2, 'doneness' => 'medium']]];
        $pan = Counter::open()->ticket([...$ask, 'method' => 'pan'])['time'];
        $bath = Counter::open()->ticket([...$ask, 'method' => 'water_bath'])['time'];

        self::assertLessThan($pan['likely_s'], $pan['low_s']);
        self::assertGreaterThan($pan['likely_s'], $pan['high_s']);
        self::assertGreaterThan(
            ($bath['high_s'] - $bath['low_s']) / $bath['likely_s'],
            ($pan['high_s'] - $pan['low_s']) / $pan['likely_s'],
        );
    }

    public function test_the_grey_band_is_the_share_of_the_cut_face_past_the_word_asked_for(): void
    {
        $bands = [];
        foreach (['pan', 'oven_then_sear', 'water_bath'] as $method) {
            $section = Counter::open()->ticket([
                'cut' => 'beef-rib-eye-steak',
                'thickness_mm' => 40,
                'method' => $method,
                'diners' => [['count' => 2, 'doneness' => 'medium_rare']],
            ])['cross_section'];
            $past = array_sum(
                array_column(
                    array_filter($section['zones'], static fn (array $zone): bool => ($zone['from_c'] ?? 0.0) >= 58.0),
                    'fraction',
                ),
            );
            self::assertEqualsWithDelta($past * 40.0, 2.0 * $section['grey_band_mm'], 0.4, $method);
            $bands[$method] = $section['grey_band_mm'];
        }

        self::assertSame(0.0, $bands['water_bath']);
        self::assertLessThan(
            $bands['pan'],
            $bands['oven_then_sear'],
            'low first and seared at the end is pink further out: common practice, no source',
        );
    }

    public function test_the_clock_runs_backward_from_the_hour_of_eating(): void
    {
        $ticket = Counter::open()->ticket([
            'cut' => 'lamb-rump',
            'thickness_mm' => 45,
            'method' => 'sear_then_oven',
            'diners' => [['count' => 4, 'doneness' => 'medium_rare']],
            'now' => '2026-11-24T15:00:00+01:00',
            'eat_at' => '2026-11-24T19:30:00+01:00',
        ]);
        $onHeat = new \DateTimeImmutable($ticket['on_heat_at']);
        $eat = new \DateTimeImmutable($ticket['eat_at']);

        self::assertEqualsWithDelta(
            $ticket['time']['high_s'] + $ticket['rest_s'],
            $eat->getTimestamp() - $onHeat->getTimestamp(),
            2.0,
            'even the slow end is in time',
        );
        $onNow = array_filter($ticket['timeline'], static fn (array $line): bool => $line['at_s'] === 0);
        self::assertContains($ticket['on_heat_at'], array_column($onNow, 'clock'));
        self::assertNotContains('doubt.not_enough_time', array_column($ticket['doubts'], 'key'));
    }

    public function test_too_little_time_is_said_with_how_late_it_would_be(): void
    {
        $ticket = Counter::open()->ticket([
            'cut' => 'beef-eye-of-round-roast',
            'thickness_mm' => 90,
            'method' => 'oven_roast',
            'diners' => [['count' => 4]],
            'now' => '2026-11-24T19:00:00Z',
            'eat_at' => '2026-11-24T19:30:00Z',
        ]);
        $late = array_values(array_filter($ticket['doubts'], static fn (array $d): bool => $d['key'] === 'doubt.not_enough_time'));

        self::assertGreaterThan(3600, $late[0]['args']->short_s);
    }

    public function test_portions_follow_appetite_and_head(): void
    {
        // Catering practice, no source: 150 to 225 g of boneless roast a head.
        $raw = static fn (string $appetite, int $count): float => Counter::open()->ticket([
            'cut' => 'beef-topside',
            'method' => 'oven_roast',
            'diners' => [['count' => $count, 'appetite' => $appetite]],
        ])['amounts']['raw_g'];

        self::assertSame(900.0, $raw('small', 6));
        self::assertSame(1350.0, $raw('hearty', 6));
    }

    public function test_what_is_read_out_is_not_printed_small_again_and_only_skin_rests_skin_up(): void
    {
        $lines = static fn (string $slug, string $method): array => Counter::open()->ticket([
            'cut' => $slug,
            'thickness_mm' => Counter::open()->catalogue->cut($slug)->build->typicalMm,
            'method' => $method,
        ]);
        $rests = static fn (array $ticket): array => array_values(
            array_filter(
                array_map(static fn (array $line): string => $line['do']['key'], $ticket['timeline']),
                static fn (string $key): bool => str_starts_with($key, 'do.rest'),
            ),
        );
        $monkfish = $lines('monkfish-tail', 'sear_then_oven');

        self::assertContains('safety.parasites', array_column($monkfish['verdict']['findings'], 'key'));
        self::assertNotContains('caution.raw_fish', array_column($monkfish['cautions'], 'key'));
        self::assertSame(
            [[], ['do.rest_skin'], ['do.rest']],
            [$rests($monkfish), $rests($lines('duck-breast', 'pan')), $rests($lines('chicken-whole', 'oven_roast'))],
        );
    }
}
