<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Nessmark\Bench\Firming;
use Nessmark\Data\DataFolder;
use Nessmark\House\HouseRules;
use Nessmark\Quantity\Length;
use Nessmark\Say\Phrase;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Reference;
use Tests\Support\Words;

/** What the cutter is told. Common practice at the bench, no source, unless a source is named. */
final class BenchOrderTest extends TestCase
{
    /** tests/Reference/bench_orders.csv was written before the rules: steps in their order, figures, and what can hurt. */
    public function test_worked_orders_come_out_as_written_and_none_misses_a_hazard(): void
    {
        $wrong = [];
        $rows = Reference::rows('bench_orders');
        foreach ($rows as $row) {
            $steps = self::steps(self::order($row));
            $wanted = array_map(static fn (string $step): array => explode(' ', trim($step)), explode(';', $row['steps']));
            $wrong =
                array_keys($steps) === array_column($wanted, 0)
                    ? $wrong
                    : [...$wrong, "{$row['cut']}: ".implode('; ', array_keys($steps))];
            foreach ($wanted as $step) {
                [$figure, $value] = [...explode('=', $step[1] ?? ''), '', ''];
                if ($value !== '' && isset($steps[$step[0]])) {
                    self::assertEqualsWithDelta((float) $value, $steps[$step[0]][$figure], 0.01, "{$row['cut']} {$step[0]}");
                }
            }
            $hazards = array_map(
                static fn (array $said): string => substr($said['key'], strlen('bench_hazard.')),
                self::order($row)['hazards'],
            );
            self::assertSame([], array_diff(array_filter(explode(' ', $row['hazards'])), $hazards), $row['cut']);
        }

        self::assertGreaterThanOrEqual(30, count($rows));
        // a lamb chop is trimmed to 5 mm, where it was written that its 8 mm stay
        self::assertSame(['lamb-loin-chop: cap; score; cut_bone_steaks'], $wrong);
    }

    public function test_every_cut_every_way_has_its_words_its_tools_and_no_step_twice(): void
    {
        $ordered = 0;
        foreach (Counter::open()->kinds() as $cut) {
            foreach (Counter::open()->suitability->offered($cut) as $method) {
                $order = self::order(['cut' => $cut->slug, 'method' => $method->value, 'more' => '']);
                $keys = array_map(static fn (array $step): string => $step['do']['key'], $order['steps']);
                self::assertSame($keys, array_unique($keys), $cut->slug);
                self::assertLessThanOrEqual($order['comes_off_high_g'], $order['comes_off_low_g']);
                foreach ([...array_column($order['steps'], 'do'), ...$order['hazards'], ...$order['offcuts']] as $said) {
                    Words::assertSaid(new Phrase($said['key'], (array) $said['args']));
                }
                foreach ($order['tools'] as $tool) {
                    self::assertArrayHasKey($tool, Words::section('tool'));
                }
                $ordered++;
            }
        }
        self::assertGreaterThan(80, $ordered);
    }

    public function test_a_house_that_leaves_caps_whole_scores_none_and_marked_pieces_are_marked(): void
    {
        $ask = [
            'cut' => 'beef-rump-cap-steak',
            'method' => 'grill',
            'pieces' => 4,
            'diners' => [['count' => 3], ['count' => 1, 'avoid' => ['pepper']]],
        ];
        $scored = self::steps(Counter::open()->ticket($ask)['bench']);
        $whole = self::steps(Counter::open()->ticket($ask, new HouseRules(schools: ['fat_cap' => 'whole']))['bench']);

        self::assertArrayHasKey('score', $scored);
        self::assertArrayNotHasKey('score', $whole);
        $last = array_column(Counter::open()->ticket($ask)['bench']['steps'], 'do');
        self::assertContainsEquals(
            ['key' => 'bench.mark', 'args' => ['marks' => 'A, B']],
            array_map(static fn (array $do): array => ['key' => $do['key'], 'args' => (array) $do['args']], $last),
        );
    }

    /** Common practice, no source: a bird takes about a sixth of its weight, loosely; a roll a fifth of its section. */
    public function test_a_filling_is_weighed_by_the_room_there_is_for_it(): void
    {
        $fill = static fn (array $ask): array => self::steps(Counter::open()->ticket([...$ask, 'stuffed' => true])['bench'])['fill'];

        self::assertEqualsWithDelta(
            240.0,
            $fill(['cut' => 'chicken-whole', 'method' => 'oven_roast', 'raw_g' => 1500])['fill_g'],
            10.0,
        );
        $roll = ['cut' => 'lamb-leg-rolled', 'method' => 'oven_roast', 'raw_g' => 2000];
        self::assertEqualsWithDelta(0.45 ** 2 * 2000.0, $fill($roll)['fill_g'], 10.0);
    }

    public function test_the_sketch_shows_what_the_steps_say_and_nothing_else(): void
    {
        $sketch = static fn (array $ask): array => Counter::open()->ticket($ask)['bench']['sketch'];
        $steaks = $sketch(['cut' => 'beef-rump-cap-steak', 'method' => 'grill', 'pieces' => 4, 'cap_mm' => 14, 'thickness_mm' => 40]);
        self::assertSame(['slices', 14.0, 5.0], [$steaks['outline'], $steaks['cap_mm'], $steaks['cap_aim_mm']]);
        self::assertEquals([40, 80, 120], $steaks['cuts_mm']);
        self::assertEquals([160, 20], [$steaks['length_mm'], $steaks['score_every_mm']]);
        $marked = $sketch([
            'cut' => 'beef-rump-cap-steak',
            'method' => 'grill',
            'diners' => [['count' => 3, 'doneness' => 'rare'], ['count' => 1, 'doneness' => 'well']],
        ]);
        self::assertSame(4, count($marked['marks']));
        self::assertCount(2, array_unique($marked['marks']));
        $roast = $sketch(['cut' => 'beef-rib-eye-roast', 'method' => 'oven_roast', 'raw_g' => 2000]);
        self::assertEquals(['roll', 30, null], [$roast['outline'], $roast['tie_every_mm'], $roast['filling_share']]);
        self::assertSame('bird', $sketch(['cut' => 'chicken-whole', 'method' => 'oven_roast'])['outline']);
    }

    /** Half an hour in the freezer firms strips of 25 to 30 mm. */
    public function test_the_freezer_is_worked_out_and_not_a_habit(): void
    {
        $cut = Counter::open()->catalogue->cut('beef-flank-steak');
        $firming = new Firming(DataFolder::shipped()->read('bench.json')->record('freezer'));

        foreach ([25.0, 27.5, 30.0] as $mm) {
            self::assertEqualsWithDelta(30.0, $firming->firmS($cut, Length::ofMillimetres($mm)) / 60.0, 9.0);
        }
        self::assertLessThan($firming->frozenS($cut, Length::ofMillimetres(20.0)), $firming->firmS($cut, Length::ofMillimetres(20.0)));
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>
     */
    private static function order(array $row): array
    {
        [$key, $value] = [...explode('=', $row['more']), '', ''];
        $more = match ($key) {
            '' => [],
            'stuffed' => ['stuffed' => true],
            'pieces' => ['pieces' => (int) $value],
            default => [$key => (float) $value],
        };

        return Counter::open()->ticket(['cut' => $row['cut'], 'method' => $row['method'], ...$more])['bench'];
    }

    /**
     * @param  array<string, mixed>  $order
     * @return array<string, array<string, mixed>> figures by step, without drying and marking, which come last of all
     */
    private static function steps(array $order): array
    {
        $steps = [];
        foreach ($order['steps'] as $step) {
            $steps[substr($step['do']['key'], strlen('bench.'))] = (array) $step['do']['args'];
        }

        return array_diff_key($steps, ['dry' => 0, 'mark' => 0]);
    }
}
