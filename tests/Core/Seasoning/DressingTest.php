<?php

declare(strict_types=1);

namespace Tests\Core\Seasoning;

use Generator;
use Nessmark\Safety\Profile;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Reference;
use Tests\Support\Words;

/** A whole ticket, dressed. Common practice at the counter, no source, unless a source is named. */
final class DressingTest extends TestCase
{
    private const DAY = ['now' => '2026-11-26T09:00:00+01:00', 'eat_at' => '2026-11-27T19:00:00+01:00'];

    /** tests/Reference/dressings.csv was written before the rules. */
    public function test_of_forty_worked_matches_nine_in_ten_are_what_a_counter_would_say(): void
    {
        $wrong = [];
        $rows = Reference::rows('dressings');
        foreach ($rows as $row) {
            $dressing = self::dressing([
                'cut' => $row['cut'],
                'method' => $row['method'],
                ...$row['grade'] === '' ? [] : ['grade' => $row['grade']],
                ...$row['thickness_mm'] === '' ? [] : ['thickness_mm' => (float) $row['thickness_mm']],
                'diners' => [['count' => 2, 'avoid' => $row['avoid'] === '' ? [] : explode(' ', $row['avoid'])]],
            ]);
            if (! in_array(Kind::from($dressing['kind'])->family(), explode(' ', $row['wants']), true)) {
                $wrong[] = "{$row['cut']}, {$row['method']}: {$dressing['name']}, not {$row['wants']}";
            }
        }

        self::assertGreaterThanOrEqual(40, count($rows));
        self::assertLessThanOrEqual(4, count($wrong), implode("\n", $wrong));
    }

    public function test_the_account_of_salt_adds_up_to_what_is_wanted(): void
    {
        foreach (['plain', 'marinade', 'rub', 'butter', 'glaze', 'brine', 'sauce', 'board'] as $family) {
            $salt = self::dressing(['cut' => 'pork-loin-chop', 'method' => 'pan', 'seasoning' => $family, ...self::DAY])['salt'];
            $added = array_filter($salt['lines'], static fn (array $line): bool => $line['from'] !== 'own');
            $grams = array_sum(array_column($salt['lines'], 'salt_g'));

            self::assertEqualsWithDelta(2.0 * $salt['salt_per_head_g'], $grams, 0.11, $family);
            self::assertEqualsWithDelta(393.37 * $grams, array_sum(array_column($salt['lines'], 'sodium_mg')), 4.0, $family);
            self::assertNotEmpty($added, $family);
            self::assertLessThanOrEqual($salt['wanted_pct'] + 0.01, $salt['added_pct'], $family);
        }
    }

    public function test_too_much_salt_says_what_to_cut(): void
    {
        $salt = self::dressing(['cut' => 'beef-outside-skirt', 'method' => 'pan', 'seasoning' => 'board-anchovy', ...self::DAY])[
            'salt'
        ];
        self::assertNull($salt['too_much']);

        // needled: salt water is in it already, and a rub comes on top
        $ask = ['cut' => 'pork-loin-chop', 'method' => 'pan', 'pierced' => true, 'seasoning' => 'rub-dune', ...self::DAY];
        $salt = self::dressing($ask)['salt'];
        self::assertSame('treated', $salt['lines'][1]['from']);
        self::assertSame('season_salty.seasoning', $salt['too_much']['key'] ?? null);
    }

    public function test_salt_goes_on_right_before_or_hours_ahead_and_never_in_between(): void
    {
        foreach ([30.0 => -60, 100.0 => -60, 60.0 * 3 => -3600 * 2] as $minutes => $earliest) {
            $eat = (new \DateTimeImmutable('2026-11-26T12:00:00+01:00'))->modify("+{$minutes} minutes");
            $rows = self::rows(
                [
                    'cut' => 'beef-strip-steak',
                    'thickness_mm' => 28,
                    'method' => 'pan',
                    'seasoning' => 'dry-brine-plain',
                    'now' => '2026-11-26T12:00:00+01:00',
                    'eat_at' => $eat->format(DATE_ATOM),
                ],
                'season_do.salt',
            );
            self::assertCount(1, $rows);
            $aheadS = -$rows[0]['at_s'];
            self::assertTrue($aheadS <= 120 || $aheadS >= 7200, "{$aheadS} s ahead");
            self::assertTrue($earliest === -60 ? $aheadS <= 120 : $aheadS >= 7200, "with {$minutes} min there");
        }
        // overnight is the day before
        $rows = self::rows(
            ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'seasoning' => 'brine', ...self::DAY],
            'season_do.salt',
        );
        self::assertSame(-43200, $rows[0]['at_s']);
    }

    /** Drawn-out water lies on the surface from the 2nd to the 45th minute; uncovered overnight it is dry (literature, from memory). */
    public function test_when_it_was_salted_changes_the_computed_crust(): void
    {
        $browns = static function (float $aheadS): float {
            $ask = ['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'method' => 'pan', 'salted_ahead_s' => $aheadS];

            $ticket = Counter::open()->ticket($ask);
            $faceC = $ticket['heat_ribbon']['surface_a_c'];

            return array_sum($faceC) / count($faceC);
        };

        self::assertLessThan($browns(0.0), $browns(900.0), 'wet browns less');
        self::assertGreaterThan($browns(0.0), $browns(50_000.0), 'dried overnight browns more');
        self::assertSame($browns(0.0), $browns(3600.0), 'after an hour the water is back in, and it is patted dry');
    }

    public function test_a_dry_brine_that_was_asked_for_dries_the_surface_where_there_is_a_night_for_it(): void
    {
        $ask = ['cut' => 'beef-rib-eye-steak', 'method' => 'pan', 'seasoning' => 'dry-brine-plain'];
        $tonight = ['now' => '2026-11-27T15:00:00+01:00', 'eat_at' => '2026-11-27T19:00:00+01:00'];

        self::assertSame('dried', Counter::open()->ticket([...$ask, ...self::DAY])['surface']);
        self::assertSame('patted', Counter::open()->ticket([...$ask, ...$tonight])['surface']);
        self::assertSame(
            'wet',
            Counter::open()->ticket([...$ask, ...self::DAY, 'surface' => 'wet'])['surface'],
            'what was seen goes first',
        );
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, float, float}> least from, to and most from, to, s */
    public static function soaks(): Generator
    {
        yield 'half an hour for thin long-grained steaks' => [
            ['cut' => 'beef-outside-skirt', 'method' => 'pan', 'thickness_mm' => 13, 'seasoning' => 'marinade-skirt'],
            1500,
            2100,
            21600,
            21600,
        ];
        yield '4 to 6 h in citrus and spirit for a lean steak of 20 to 25 mm' => [
            ['cut' => 'beef-flank-steak', 'method' => 'grill', 'thickness_mm' => 22, 'seasoning' => 'marinade-citrus-spirit'],
            10800,
            21600,
            14400,
            21600,
        ];
        yield 'overnight for fist-sized pork in citrus' => [
            ['cut' => 'pork-tenderloin', 'method' => 'sear_then_oven', 'thickness_mm' => 75, 'seasoning' => 'marinade-orange-pork'],
            28800,
            50400,
            86400,
            172800,
        ];
        // FSIS, Poultry: Basting, Brining, and Marinating: two days
        yield 'birds two days at most' => [
            ['cut' => 'chicken-leg', 'method' => 'oven_roast', 'seasoning' => 'marinade-buttermilk'],
            3600,
            86400,
            172800,
            172800,
        ];
        yield 'fish half an hour in strong acid' => [
            ['cut' => 'cod-loin', 'method' => 'broil', 'thickness_mm' => 30, 'seasoning' => 'marinade-lemon-fish'],
            60,
            1800,
            1800,
            7200,
        ];
        yield 'chicken breast two hours in strong acid' => [
            ['cut' => 'chicken-breast', 'method' => 'pan', 'seasoning' => 'marinade-lemon-thyme'],
            1800,
            3600,
            7200,
            7200,
        ];
        yield 'an hour with an enzyme' => [
            ['cut' => 'beef-flank-steak', 'method' => 'grill', 'seasoning' => 'marinade-kiwi'],
            600,
            1800,
            3600,
            3600,
        ];
    }

    /** @param  array<string, mixed>  $ask */
    #[DataProvider('soaks')]
    public function test_a_marinade_has_its_least_and_its_most(
        array $ask,
        float $leastS,
        float $leastToS,
        float $mostS,
        float $mostToS,
    ): void {
        $between = self::rows([...$ask, ...self::DAY], 'season_do.into_marinade')[0]['between'];

        self::assertTrue($between['low_s'] >= $leastS && $between['low_s'] <= $leastToS, "at least {$between['low_s']} s");
        self::assertTrue($between['high_s'] >= $mostS && $between['high_s'] <= $mostToS, "at most {$between['high_s']} s");
    }

    public function test_what_there_is_no_time_for_is_said_with_what_still_helps(): void
    {
        $ask = [
            'cut' => 'chicken-leg',
            'method' => 'oven_roast',
            'seasoning' => 'marinade-buttermilk',
            'now' => '2026-11-27T17:30:00+01:00',
            'eat_at' => '2026-11-27T19:00:00+01:00',
        ];
        $ticket = Counter::open()->ticket($ask);

        self::assertContains('season_late.soak', array_column($ticket['dressing']['notes'], 'key'));
        self::assertNotContains('season_late.soak', array_column(self::dressing([...$ask, ...self::DAY])['notes'], 'key'));
        $first = min(array_column($ticket['timeline'], 'at_s'));
        self::assertGreaterThanOrEqual(-5400, $first, 'nothing begins before now');
    }

    public function test_fish_is_salted_five_minutes_to_a_day_by_its_thickness(): void
    {
        $ahead = static fn (string $cut, float $mm): int => -self::rows(
            ['cut' => $cut, 'method' => 'pan', 'thickness_mm' => $mm, 'seasoning' => 'salt-fish', ...self::DAY],
            'season_do.salt_fish',
        )[0]['at_s'];
        $thin = $ahead('mackerel-fillet', 10.0);
        $thick = $ahead('salmon-loin', 40.0);

        self::assertTrue($thin >= 300 && $thick <= 86400 && $thick > 4 * $thin, "{$thin} s, {$thick} s");
    }

    public function test_salt_goes_on_after_what_it_lay_in_and_under_what_is_spread_on_it(): void
    {
        $order = static fn (array $ask): array => array_column(
            array_column(self::rows([...$ask, ...self::DAY], 'season_do.'), 'do'),
            'key',
        );

        self::assertSame(
            ['season_do.into_marinade', 'season_do.out_of_marinade', 'season_do.salt_now'],
            $order(['cut' => 'salmon-loin', 'method' => 'pan', 'seasoning' => 'marinade-lemon-fish']),
        );
        self::assertSame(
            ['season_do.salt_under', 'season_do.paste'],
            $order(['cut' => 'herring-whole', 'method' => 'oven_roast', 'seasoning' => 'paste-green']),
        );
    }

    public function test_what_would_burn_is_named_and_mended(): void
    {
        $ask = ['cut' => 'pork-collar-steak', 'method' => 'grill', 'seasoning' => 'rub-sweet-smoke', ...self::DAY];
        $ticket = Counter::open()->ticket($ask);
        self::assertContains('brown sugar', array_column($ticket['dressing']['scorches'], 'ingredient'));
        self::assertNotEmpty(
            array_filter(
                $ticket['timeline'],
                static fn (array $row): bool => $row['do']['key'] === 'season_do.rub_after' && $row['at_s'] > 0,
            ),
        );
        // low and slow nothing of it burns, and it goes on before
        $slow = Counter::open()->ticket([...$ask, 'cut' => 'pork-spare-ribs', 'method' => 'smoke']);
        self::assertSame([], $slow['dressing']['scorches']);
        self::assertNotEmpty(
            array_filter($slow['timeline'], static fn (array $row): bool => $row['do']['key'] === 'season_do.rub' && $row['at_s'] < 0),
        );
        // a glaze goes on for the last of it, no longer than its honey bears
        $glaze = self::rows(['cut' => 'duck-breast', 'method' => 'pan', 'seasoning' => 'glaze-mustard-honey'], 'season_do.glaze');
        self::assertGreaterThan(0, $glaze[0]['at_s']);
    }

    public function test_who_goes_without_something_gets_a_marked_piece_and_nobody_else_goes_without(): void
    {
        $dressing = self::dressing([
            'cut' => 'pork-collar-steak',
            'method' => 'grill',
            'seasoning' => 'glaze-mustard-honey',
            'pieces' => 4,
            'diners' => [['count' => 3], ['count' => 1, 'avoid' => ['mustard']]],
        ]);

        self::assertSame('glaze-mustard-honey', $dressing['seasoning']);
        self::assertContains('mustard', $dressing['allergens']);
        self::assertSame(['B', ['mustard']], [$dressing['apart'][0]['mark'], $dressing['apart'][0]['without']]);
        foreach ($dressing['apart'][0]['amounts'] as $amount) {
            self::assertStringNotContainsString('mustard', $amount['name']);
        }
    }

    public function test_what_was_asked_for_and_cannot_be_is_answered_with_why(): void
    {
        foreach (
            [
                [
                    'season_not.demand',
                    [
                        'cut' => 'beef-strip-steak',
                        'method' => 'pan',
                        'seasoning' => 'butter-herb',
                        'diners' => [['count' => 2, 'avoid' => ['milk']]],
                    ],
                ],
                ['season_not.minced', ['cut' => 'beef-burger', 'method' => 'pan', 'seasoning' => 'marinade']],
                ['season_not.in_shell', ['cut' => 'mussels', 'method' => 'steam', 'seasoning' => 'rub-fish-seed']],
                [
                    'season_not.raw_egg',
                    [
                        'cut' => 'cod-loin',
                        'method' => 'pan',
                        'seasoning' => 'sauce-tartare',
                        'diners' => [['count' => 2, 'at_risk' => true]],
                    ],
                ],
                ['season_not.not_stuffed', ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'seasoning' => 'stuffing-bread-herb']],
                [
                    'season_not.garlic_in_bag',
                    ['cut' => 'beef-flank-steak', 'method' => 'bath_then_sear', 'seasoning' => 'marinade-oil-garlic'],
                ],
                [
                    'season_not.unknown',
                    [
                        'cut' => 'beef-strip-steak',
                        'method' => 'pan',
                        'seasoning' => 'rub-dune',
                        'diners' => [['count' => 2, 'avoid' => ['fenugreek']]],
                    ],
                ],
            ] as [$why, $ask]
        ) {
            $dressing = self::dressing($ask);
            self::assertSame([$why, false], [$dressing['instead']['key'] ?? null, $dressing['is_asked']]);
        }
        self::assertSame(
            'salt-plain',
            self::dressing(['cut' => 'beef-strip-steak', 'method' => 'pan', 'diners' => [['count' => 2, 'avoid' => ['fenugreek']]]])[
                'seasoning'
            ],
        );
    }

    public function test_it_says_what_speaks_for_it_and_what_against_what_was_asked(): void
    {
        foreach (
            [
                ['because', 'marbled_salt', ['cut' => 'beef-rib-eye-steak', 'method' => 'pan', 'grade' => 'usda_quality:prime']],
                ['because', 'lean_fat', ['cut' => 'beef-fillet-steak', 'method' => 'pan']],
                ['because', 'fish_butter', ['cut' => 'turbot-steak', 'method' => 'pan']],
                ['because', 'skin_dry', ['cut' => 'chicken-leg', 'method' => 'grill', 'seasoning' => 'brine']],
                ['because', 'game_woods', ['cut' => 'venison-haunch-steak', 'method' => 'pan', 'seasoning' => 'pan-juniper']],
                ['because', 'bird_brine', ['cut' => 'chicken-whole', 'method' => 'oven_roast']],
                ['because', 'minced_outside', ['cut' => 'beef-burger', 'method' => 'pan']],
                ['because', 'smoke_bark', ['cut' => 'pork-spare-ribs', 'method' => 'smoke']],
                ['doubts', 'marbled_rich', ['cut' => 'beef-rib-eye-steak', 'method' => 'pan', 'seasoning' => 'butter-herb']],
                ['doubts', 'lamb_oil', ['cut' => 'lamb-loin-chop', 'method' => 'pan', 'seasoning' => 'marinade-oil-herb']],
                ['doubts', 'game_hides', ['cut' => 'venison-haunch-steak', 'method' => 'pan', 'seasoning' => 'rub-coffee']],
                ['doubts', 'skin_wet', ['cut' => 'chicken-leg', 'method' => 'air_fry', 'seasoning' => 'marinade-buttermilk']],
                ['doubts', 'lean_bare', ['cut' => 'chicken-breast', 'method' => 'pan', 'seasoning' => 'plain']],
                ['doubts', 'fish_rich', ['cut' => 'mackerel-fillet', 'method' => 'broil', 'seasoning' => 'butter-herb']],
                ['doubts', 'long_own_sauce', ['cut' => 'beef-shin-slices', 'method' => 'braise', 'seasoning' => 'butter-herb']],
            ] as [$side, $why, $ask]
        ) {
            self::assertContains("season_why.{$why}", array_column(self::dressing($ask)[$side], 'key'), json_encode($ask));
        }
    }

    public function test_what_nothing_can_go_on_is_left_bare_and_it_is_said(): void
    {
        $without = [
            'salt',
            'milk',
            'nuts',
            'vinegar',
            'lemon',
            'citrus',
            'sugar',
            'honey',
            'alcohol',
            'soy',
            'mustard',
            'fish',
            'gluten',
            'celery',
            'eggs',
        ];
        $ticket = Counter::open()->ticket([
            'cut' => 'beef-strip-steak',
            'method' => 'pan',
            'diners' => [['count' => 2, 'avoid' => [...$without, 'pepper', 'chilli']]],
        ]);

        self::assertNull($ticket['dressing']);
        self::assertContains('doubt.unseasoned', array_column($ticket['doubts'], 'key'));
    }

    public function test_a_house_that_dresses_and_one_that_does_not(): void
    {
        $ask = ['cut' => 'beef-flat-iron-steak', 'method' => 'pan', 'thickness_mm' => 26];
        $dressed = Counter::open()->ticket($ask, new \Nessmark\House\HouseRules(schools: ['dressing' => 'dressed']))['dressing'];

        self::assertContains(Kind::from(self::dressing($ask)['kind']), [Kind::Salt, Kind::DryBrine]);
        self::assertNotSame(self::dressing($ask)['alternatives'], $dressed['alternatives']);
    }

    public function test_every_sentence_of_every_seasoning_has_its_words(): void
    {
        $asks = [
            ['cut' => 'pork-collar-steak', 'method' => 'grill'],
            ['cut' => 'chicken-whole', 'method' => 'oven_roast'],
            ['cut' => 'salmon-loin', 'method' => 'pan'],
            ['cut' => 'venison-haunch-steak', 'method' => 'pan'],
            ['cut' => 'lamb-fore-shank', 'method' => 'braise'],
        ];
        $late = ['now' => '2026-11-27T17:30:00+01:00', 'eat_at' => '2026-11-27T18:30:00+01:00'];
        foreach ($asks as $i => $ask) {
            foreach (Kind::families() as $family) {
                $ticket = Counter::open()->ticket([...$ask, 'seasoning' => $family, ...$i === 0 ? $late : self::DAY]);
                $dressing = $ticket['dressing'];
                $said = [
                    ...$dressing['because'],
                    ...$dressing['doubts'],
                    ...$dressing['notes'],
                    ...array_column($dressing['scorches'], 'says'),
                    ...array_column($dressing['alternatives'], 'because'),
                    ...array_column($dressing['apart'], 'says'),
                    ...array_filter([$dressing['instead'], $dressing['salt']['too_much']]),
                    ...array_column($ticket['timeline'], 'do'),
                ];
                foreach ($said as $phrase) {
                    Words::assertSaid(new Phrase($phrase['key'], (array) $phrase['args']));
                }
            }
        }
    }

    /**
     * @param  array<string, mixed>  $ask
     * @return array<string, mixed>
     */
    private static function dressing(array $ask): array
    {
        return Counter::open()->ticket($ask, Profile::Us)['dressing'];
    }

    /**
     * @param  array<string, mixed>  $ask
     * @return list<array<string, mixed>> rows of the timeline whose key begins so
     */
    private static function rows(array $ask, string $key): array
    {
        return array_values(
            array_filter(
                Counter::open()->ticket($ask)['timeline'],
                static fn (array $row): bool => str_starts_with($row['do']['key'], $key),
            ),
        );
    }
}
