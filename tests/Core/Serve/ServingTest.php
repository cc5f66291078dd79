<?php

declare(strict_types=1);

namespace Tests\Core\Serve;

use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use Nessmark\Serve\Readings;
use Nessmark\Serve\Waits;
use Nessmark\Ticket\HeatRibbon;
use Nessmark\Ticket\Reading;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/** From the fire to the plate. Common practice of carvers and kitchens, no source, unless a source is named. */
final class ServingTest extends TestCase
{
    /** @param  string  $steps  in their order */
    #[TestWith(['beef-outside-skirt', 'grill', 'lengths turn_across'])]
    #[TestWith(['beef-strip-steak', 'pan', 'find_grain across'])]
    #[TestWith(['duck-breast', 'pan', 'find_grain slant'])]
    #[TestWith(['beef-flank-rolled', 'braise', 'string across'])]
    #[TestWith(['chicken-whole', 'oven_roast', 'bird_legs bird_breast bird_slice'])]
    #[TestWith(['chicken-crown', 'oven_roast', 'bird_breast across'])]
    #[TestWith(['quail-whole', 'grill', 'small_bird'])]
    #[TestWith(['trout-whole', 'oven_roast', 'fish_back fish_lift fish_frame'])]
    #[TestWith(['lamb-rack', 'oven_roast', 'between'])]
    #[TestWith(['lamb-leg-bone-in', 'oven_roast', 'leg_slices leg_free'])]
    #[TestWith(['lamb-leg-bone-in', 'braise', 'bone_lift'])]
    #[TestWith(['beef-standing-rib', 'oven_roast', 'off_ribs across'])]
    #[TestWith(['lamb-saddle', 'oven_roast', 'off_spine across'])]
    #[TestWith(['lamb-shoulder-bone-in', 'braise', 'pull_bones pull_fork'])]
    #[TestWith(['rabbit-whole', 'oven_roast', 'rabbit_legs rabbit_saddle'])]
    #[TestWith(['monkfish-tail', 'oven_roast', 'tail'])]
    #[TestWith(['mussels', 'steam', ''])]
    #[TestWith(['beef-stewing-dice', 'braise', ''])]
    public function test_it_is_carved_as_its_muscle_and_its_bone_ask_for(string $cut, string $method, string $steps): void
    {
        $ticket = Counter::open()->ticket(['cut' => $cut, 'method' => $method]);
        $said = array_map(static fn (array $step): string => substr($step['do']['key'], strlen('carve.')), $ticket['carving']['steps']);

        self::assertSame($steps, implode(' ', $said));
    }

    public function test_every_cut_every_way_is_said_in_words_and_drawn_within_its_frame(): void
    {
        $served = 0;
        foreach (Counter::open()->kinds() as $cut) {
            foreach (Counter::open()->suitability->offered($cut) as $method) {
                $ticket = Counter::open()->ticket(['cut' => $cut->slug, 'method' => $method->value]);
                $said = [
                    ...array_column($ticket['carving']['steps'], 'do'),
                    ...$ticket['carving']['table'],
                    ...array_column($ticket['trouble'], 'do'),
                    ...$ticket['leftovers'],
                ];
                foreach ($said as $phrase) {
                    Words::assertSaid(new Phrase($phrase['key'], (array) $phrase['args']));
                }
                foreach ($ticket['trouble'] as $trouble) {
                    self::assertArrayHasKey($trouble['sign'], Words::section('trouble'));
                }
                foreach (array_filter(array_column($ticket['carving']['steps'], 'drawing')) as $drawing) {
                    self::assertWithin($drawing, $cut->slug);
                }
                $served++;
            }
        }
        self::assertGreaterThan(80, $served);
    }

    /** @param  list<string>  $signs */
    #[TestWith(['beef-strip-steak', 'pan', ['underdone', 'overdone', 'late', 'disagree', 'stuck']])]
    #[TestWith(['salmon-loin', 'grill', ['underdone', 'overdone', 'late', 'disagree', 'stuck', 'flames', 'fire_out']])]
    #[TestWith(['beef-stewing-dice', 'braise', ['underdone', 'overdone', 'late', 'boiled_dry']])]
    #[TestWith(['cod-fillet', 'deep_fry', ['underdone', 'overdone', 'late', 'disagree', 'flames', 'soft_coat']])]
    public function test_what_can_go_wrong_is_what_can_go_wrong_with_this(string $cut, string $method, array $signs): void
    {
        $ticket = Counter::open()->ticket(['cut' => $cut, 'method' => $method]);

        self::assertSame($signs, array_column($ticket['trouble'], 'sign'));
    }

    public function test_what_must_be_cooked_through_is_never_mended_short_of_it(): void
    {
        $through = ['trouble.not_through', 'trouble.not_through_cut', 'trouble.not_tender', 'trouble.glassy_shellfish'];
        $asks = [
            ['cut' => 'chicken-breast', 'method' => 'pan'],
            ['cut' => 'beef-burger', 'method' => 'grill'],
            ['cut' => 'lamb-leg-stuffed', 'method' => 'oven_roast'],
            ['cut' => 'beef-strip-steak', 'method' => 'pan', 'diners' => [['count' => 3], ['count' => 1, 'at_risk' => true]]],
        ];
        foreach ($asks as $ask) {
            $ticket = Counter::open()->ticket($ask);
            $mend = $ticket['trouble'][0]['do'];
            self::assertContains($mend['key'], $through, $ask['cut']);
            self::assertSame($ticket['verdict']['official']['core_c'], ((array) $mend['args'])['official_c']);
        }
        $rare = Counter::open()->ticket(['cut' => 'beef-strip-steak', 'method' => 'pan']);
        self::assertSame('trouble.slices_on_heat', $rare['trouble'][0]['do']['key']);
    }

    public function test_a_smoker_that_goes_out_is_finished_at_its_own_heat_and_embers_in_a_usual_oven(): void
    {
        $smoked = Counter::open()->ticket(['cut' => 'pork-shoulder-blade', 'method' => 'smoke']);
        $grilled = Counter::open()->ticket(['cut' => 'beef-strip-steak', 'method' => 'grill']);
        $oven = static fn (array $ticket): float => ((array) array_column($ticket['trouble'], 'do', 'sign')['fire_out']['args'])[
            'oven_c'
        ];

        self::assertSame(round($smoked['heat_c']), $oven($smoked));
        self::assertSame(180.0, $oven($grilled));
    }

    public function test_under_the_official_minimum_nothing_is_made_of_what_is_left(): void
    {
        $pink = Counter::open()->ticket([
            'cut' => 'beef-strip-steak',
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => 'rare']],
        ]);
        $roast = Counter::open()->ticket(['cut' => 'chicken-whole', 'method' => 'oven_roast']);

        self::assertSame(['keep.nothing', []], [$pink['keeping']['key'], $pink['leftovers']]);
        self::assertSame(['left.bird', 'left.bones'], array_column($roast['leftovers'], 'key'));
    }

    /** A core that rises ten degrees a minute, by hand: at 30 °C it has two minutes to go to 50 °C. */
    public function test_a_reading_says_how_long_it_is_still(): void
    {
        $times = range(0.0, 300.0, 30.0);
        $cores = array_map(static fn (float $s): float => 5.0 + $s / 6.0, $times);
        $rows = array_column(
            array_map(
                static fn (Reading $row): array => [(string) $row->coreC, $row->leftS],
                Readings::of(new HeatRibbon($times, $cores, [], []), 50.0, 270.0),
            ),
            1,
            0,
        );

        self::assertSame(
            [
                '10' => 240.0,
                '15' => 210.0,
                '20' => 180.0,
                '25' => 150.0,
                '30' => 120.0,
                '35' => 90.0,
                '40' => 60.0,
                '45' => 30.0,
                '50' => 0.0,
            ],
            $rows,
        );
    }

    public function test_readings_rise_to_the_pull_and_what_goes_by_time_has_none(): void
    {
        $steak = Counter::open()->ticket(['cut' => 'beef-strip-steak', 'method' => 'pan']);
        $skirt = Counter::open()->ticket(['cut' => 'beef-outside-skirt', 'method' => 'grill']);
        [$cores, $left] = [array_column($steak['readings'], 'core_c'), array_column($steak['readings'], 'left_s')];
        $sorted = $left;
        rsort($sorted);

        self::assertSame($steak['pull_core_c'], end($cores));
        self::assertSame($sorted, $left);
        self::assertEqualsWithDelta(0.0, end($left), 20.0);
        self::assertSame([], $skirt['readings']);
    }

    public function test_a_braise_waits_an_hour_and_a_steak_a_few_minutes(): void
    {
        self::assertSame(3600.0, Waits::seconds(Method::Braise, 0.0));
        self::assertSame(480.0, Waits::seconds(Method::Pan, 180.0));
        self::assertSame(1800.0, Waits::seconds(Method::OvenRoast, 1200.0));
    }

    public function test_the_list_is_what_goes_on_it_by_where_it_is_got(): void
    {
        $ask = ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'seasoning' => 'dry-brine-thyme'];
        $list = Counter::open()->ticket($ask)['shopping'];

        self::assertSame([[], ['dried thyme', 'white pepper'], ['fine salt', 'white sugar']], array_values($list));
        self::assertNull(Counter::open()->ticket(['cut' => 'beef-strip-steak', 'method' => 'pan', 'seasoning' => 'plain'])['shopping']);
    }

    public function test_the_last_line_is_the_eating_and_nothing_is_patted_dry_twice(): void
    {
        $apart = [
            'cut' => 'beef-outside-skirt',
            'method' => 'grill',
            'diners' => [['count' => 2, 'doneness' => 'medium_rare'], ['count' => 1, 'at_risk' => true, 'doneness' => 'well']],
        ];
        $soaked = ['cut' => 'lamb-leg-bone-in', 'method' => 'oven_roast', 'seasoning' => 'marinade-red-wine'];
        $keys = static fn (array $ask): array => array_column(array_column(Counter::open()->ticket($ask)['timeline'], 'do'), 'key');

        self::assertSame('do.slice_lengths_then_across_grain', array_slice($keys($apart), -1)[0]);
        self::assertContains('season_do.out_of_marinade', $keys($soaked));
        self::assertSame([], preg_grep('/^do\.dry/', $keys($soaked)));
    }

    public function test_what_does_not_rest_gets_its_butter_at_the_table(): void
    {
        $keys = static fn (array $ask): array => array_column(array_column(Counter::open()->ticket($ask)['timeline'], 'do'), 'key');

        self::assertContains('season_do.butter', $keys(['cut' => 'beef-strip-steak', 'method' => 'pan', 'seasoning' => 'butter-herb']));
        self::assertContains('season_do.butter_over', $keys(['cut' => 'mussels', 'method' => 'steam', 'seasoning' => 'butter-herb']));
    }

    public function test_the_schools_on_a_ticket_are_those_that_were_followed(): void
    {
        $ask = ['cut' => 'chicken-whole', 'method' => 'oven_roast'];
        $brined = Counter::open()->ticket([...$ask, 'seasoning' => 'dry-brine-thyme'])['schools'];
        $plain = Counter::open()->ticket([...$ask, 'seasoning' => 'plain'])['schools'];

        self::assertSame(['ahead', 'just_before'], [$brined['salt'], $plain['salt']]);
        $duck = static fn (string $doneness): string => Counter::open()->ticket([
            'cut' => 'duck-breast',
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => $doneness]],
        ])['schools']['duck_and_pork'];
        self::assertSame(['pink', 'official'], [$duck('pink'), $duck('official_minimum')]);
    }

    /** @param  array{width: float, height: float, lines: list<array{points: list<array{float, float}>}>}  $drawing */
    private static function assertWithin(array $drawing, string $cut): void
    {
        self::assertNotSame([], $drawing['lines'], $cut);
        foreach ($drawing['lines'] as $line) {
            self::assertGreaterThan(1, count($line['points']), $cut);
            foreach ($line['points'] as [$x, $y]) {
                self::assertGreaterThanOrEqual(-0.07 * $drawing['height'], $y, $cut);
                self::assertLessThanOrEqual(1.07 * $drawing['height'], $y, $cut);
                self::assertGreaterThanOrEqual(-0.05 * $drawing['width'], $x, $cut);
                self::assertLessThanOrEqual(1.05 * $drawing['width'], $x, $cut);
            }
        }
    }
}
