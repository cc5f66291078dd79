<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Generator;
use Nessmark\Contract\SimulationCase;
use Nessmark\Contract\SimulationReport;
use Nessmark\Errors\InputRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The simulation contract: what it takes, what it answers, what it refuses by name. */
final class SimulationContractTest extends TestCase
{
    public function test_the_reply_has_every_part_and_they_agree(): void
    {
        $reply = self::reply(self::steak());

        self::assertSame([0.0, 60.0, 120.0], array_column(array_slice($reply['core_c'], 0, 3), 0));
        self::assertCount(16, $reply['coldest_c']);
        self::assertSame(12.5, $reply['core_at_mm']);
        $reached = (array) $reply['time_to_core_s'];
        self::assertGreaterThan($reached['50'], $reached['54']);
        self::assertNull($reached['190']);
        self::assertSame(['900'], array_map(strval(...), array_keys((array) $reply['profile_c'])));
        self::assertCount(61, $reply['peak_profile_c']);
        self::assertSame(['<45', '45-71', '>=71'], array_keys((array) $reply['band_fractions']));
        self::assertEqualsWithDelta(1.0, array_sum((array) $reply['band_fractions']), 1e-5);
        self::assertLessThanOrEqual($reply['log_reduction_core'], $reply['log_reduction_min']);
        self::assertSame(
            [
                ['name' => 'sear', 'ended_at_s' => 600.0, 'by' => 'duration'],
                ['name' => 'rest', 'ended_at_s' => 900.0, 'by' => 'duration'],
            ],
            $reply['stages'],
        );
    }

    public function test_a_target_met_during_rest_counts(): void
    {
        $case = self::steak();
        $case['stages'][0] = [...$case['stages'][0], 'until_core_c' => 50];
        $case['report'] = ['core_targets_c' => [50, 55]];
        $reply = self::reply($case);
        $reached = (array) $reply['time_to_core_s'];

        self::assertSame('core', $reply['stages'][0]['by']);
        self::assertEqualsWithDelta($reply['stages'][0]['ended_at_s'], $reached['50'], 0.5);
        self::assertGreaterThan($reply['stages'][0]['ended_at_s'], $reached['55']);
    }

    public function test_what_a_stage_ended_by_counts_as_reached_and_targets_stand_in_any_order(): void
    {
        $case = self::steak();
        $case['stages'] = [[...$case['stages'][0], 'until_core_c' => 54.5]];
        $case['report'] = ['core_targets_c' => [54.5, 30]];
        $reply = self::reply($case);
        $reached = (array) $reply['time_to_core_s'];

        self::assertEqualsWithDelta($reply['stages'][0]['ended_at_s'], $reached['54.5'], 0.5);
        self::assertLessThan($reached['54.5'], $reached['30']);
    }

    public function test_a_piece_with_ends_says_how_it_is_followed_and_dries_by_its_own_surface(): void
    {
        $case = self::steak();
        unset($case['stages'][0]['flip_every_s'], $case['stages'][0]['faces']['b'], $case['stages'][1]['faces']['b']);
        $case['wet_surface'] = true;
        $lost = [];
        foreach ([150.0, 1000.0] as $lengthMm) {
            $case['body'] = ['shape' => 'rod', 'diameter_mm' => 100, 'length_mm' => $lengthMm];
            $reply = self::reply($case);
            $lost[] = $reply['water_loss_fraction'];
            self::assertContains($reply['engine']['exponent'], [1.0, 2.0]);
            self::assertStringContainsString('exact product', $reply['engine']['method']);
        }

        // The surface of 100 × 150 mm is 1.33 times that of its side alone.
        self::assertEqualsWithDelta(1.33 / 1.05, $lost[0] / $lost[1], 0.05);
    }

    public function test_a_core_off_the_middle_is_reported_where_it_is(): void
    {
        $case = self::steak();
        $case['body']['core_at_mm'] = 5;
        $case['stages'] = [['name' => 'held', 'duration_s' => 40_000, 'faces' => ['a' => ['fixed_c' => 90], 'b' => ['fixed_c' => 40]]]];

        self::assertEqualsWithDelta(80.0, self::reply($case)['max_core_c'], 0.01, 'a fifth of the way from 90 to 40 °C once steady');
    }

    public function test_asked_times_and_profiles_are_answered_at_those_times(): void
    {
        $case = self::steak();
        $case['report'] = ['at_s' => [0, 33.3, 900], 'profile_at_s' => [45]];
        $reply = self::reply($case);

        self::assertSame([0.0, 33.3, 900.0], array_column($reply['core_c'], 0));
        self::assertSame(['45'], array_map(strval(...), array_keys((array) $reply['profile_c'])));
    }

    /** @return Generator<string, array{array<string, mixed>, string, string}> */
    public static function broken(): Generator
    {
        foreach (['zero' => 0, 'negative' => -5, 'far too thick' => 10_000] as $what => $value) {
            yield "thickness {$what}" => [['body' => ['thickness_mm' => $value]], 'body.thickness_mm', 'out_of_range'];
        }
        yield 'thickness a word' => [['body' => ['thickness_mm' => 'abc']], 'body.thickness_mm', 'wrong_type'];
        yield 'thickness NaN as text' => [['body' => ['thickness_mm' => 'NaN']], 'body.thickness_mm', 'wrong_type'];
        yield 'thickness infinite' => [['body' => ['thickness_mm' => INF]], 'body.thickness_mm', 'out_of_range'];
        yield 'thickness missing' => [['body' => ['thickness_mm' => null]], 'body.thickness_mm', 'missing'];
        yield 'unknown shape' => [['body' => ['shape' => 'cube']], 'body.shape', 'not_allowed'];
        yield 'unknown key' => [['thicknes_mm' => 3], 'thicknes_mm', 'unknown_key'];
        yield 'unknown key inside' => [['material' => ['k' => 1]], 'material.k', 'unknown_key'];
        yield 'wetter than wet' => [['wet_surface' => true, 'wetness' => 1.5], 'wetness', 'out_of_range'];
        yield 'more water than its heat capacity has room for' => [
            ['wet_surface' => true, 'material' => ['cp_j_kgk' => 2000, 'water' => 0.6]],
            'material.water',
            'out_of_range',
        ];
        yield 'layers that do not add up' => [
            ['body' => ['layers' => [['tissue' => 'fat', 'thickness_mm' => 5]]]],
            'body.layers',
            'conflict',
        ];
        yield 'a layer of nothing known' => [
            ['body' => ['layers' => [['tissue' => 'wool', 'thickness_mm' => 25]]]],
            'body.layers.0.tissue',
            'not_allowed',
        ];
        yield 'a shape past a sphere' => [['body' => ['shape' => 'finite', 'exponent' => 2.5]], 'body.exponent', 'out_of_range'];
        yield 'more vapour than air' => [
            [
                'stages' => [
                    [
                        'name' => 'x',
                        'duration_s' => 9,
                        'faces' => ['a' => ['h_w_m2k' => 5, 'ambient_c' => 20, 'vapour_kpa' => 200], 'b' => ['insulated' => true]],
                    ],
                ],
            ],
            'stages.0.faces.a.vapour_kpa',
            'out_of_range',
        ];
        yield 'no stages' => [['stages' => []], 'stages', 'out_of_range'];
        yield 'stage without an end' => [['stages' => [['name' => 'x', 'faces' => self::FACES]]], 'stages.0.duration_s', 'missing'];
        yield 'two kinds of turning' => [
            ['stages' => [['name' => 'x', 'duration_s' => 9, 'flip_every_s' => 3, 'flip_at_s' => [2], 'faces' => self::FACES]]],
            'stages.0.flip_at_s',
            'conflict',
        ];
        yield 'a radiant face without a temperature' => [
            [
                'stages' => [
                    [
                        'name' => 'x',
                        'duration_s' => 9,
                        'faces' => ['a' => ['h_w_m2k' => 5, 'ambient_c' => 20, 'emissivity' => 0.9], 'b' => ['insulated' => true]],
                    ],
                ],
            ],
            'stages.0.faces.a.radiant_c',
            'missing',
        ];
        yield 'times out of order' => [['report' => ['at_s' => [54, 50]]], 'report.at_s.1', 'out_of_range'];
        yield 'a box wider than long' => [
            ['body' => ['shape' => 'box', 'thickness_mm' => 40, 'width_mm' => 90, 'length_mm' => 80]],
            'body.length_mm',
            'out_of_range',
        ];
        yield 'axes of no order' => [['body' => ['shape' => 'ellipsoid', 'axes_mm' => [90, 40, 60]]], 'body.axes_mm', 'not_allowed'];
        yield 'composition of nothing much' => [
            ['material' => ['composition' => ['water' => 0.3]], '-' => 'k_w_mk rho_kg_m3 cp_j_kgk'],
            'material.composition',
            'out_of_range',
        ];
    }

    private const FACES = ['a' => ['h_w_m2k' => 5, 'ambient_c' => 20], 'b' => ['insulated' => true]];

    /** @param  array<string, mixed>  $change */
    #[DataProvider('broken')]
    public function test_broken_input_is_refused_naming_the_key(array $change, string $key, string $reason): void
    {
        $case = self::steak();
        foreach ($change as $name => $value) {
            $case[$name] =
                is_array($value) && ! array_is_list($value) && isset($case[$name]) && ! isset($change['-'])
                    ? [...$case[$name], ...$value]
                    : $value;
        }
        unset($case['-']);
        try {
            SimulationCase::fromArray($case);
            self::fail('it was taken');
        } catch (InputRefused $refused) {
            self::assertContains(
                [$key, $reason],
                array_map(static fn ($v): array => [$v->key, $v->reason], $refused->violations),
                $refused->getMessage(),
            );
        }
    }

    public function test_a_wet_surface_loses_water_and_slows_the_core(): void
    {
        $dry = self::reply(self::steak());
        $wet = self::reply([...self::steak(), 'wet_surface' => true]);

        self::assertSame(0.0, $dry['water_loss_fraction']);
        self::assertGreaterThan(0.01, $wet['water_loss_fraction']);
        self::assertGreaterThan(0.0, $wet['crust_mm']['a'] + $wet['crust_mm']['b']);
        self::assertLessThan($dry['max_core_c'], $wet['max_core_c']);
    }

    /** Fat of 8 % water (USDA Standard Reference, from memory) cannot dry like lean of 73 %. */
    public function test_a_cap_of_fat_gives_off_less_water_than_lean_and_stays_within_what_surrounds_it(): void
    {
        $pan = ['h_w_m2k' => 400, 'ambient_c' => 200];
        $lean = [
            ...self::steak(),
            'wet_surface' => true,
            'wetness' => 0.9,
            'stages' => [['name' => 'pan', 'duration_s' => 900, 'faces' => ['a' => $pan, 'b' => ['insulated' => true]]]],
        ];
        $fat = $lean;
        $fat['body']['layers'] = [
            ['tissue' => 'fat', 'thickness_mm' => 8],
            ['tissue' => 'lean', 'thickness_mm' => $lean['body']['thickness_mm'] - 8],
        ];
        $reply = self::reply($fat);

        self::assertLessThan(0.5 * self::reply($lean)['water_loss_fraction'], $reply['water_loss_fraction']);
        self::assertLessThanOrEqual(200.5, max(array_column($reply['peak_profile_c'], 1)));
    }

    public function test_a_cap_of_fat_towards_the_fire_slows_the_core(): void
    {
        $case = self::steak();
        $case['stages'] = [
            [
                'name' => 'pan',
                'duration_s' => 600,
                'faces' => ['a' => ['h_w_m2k' => 300, 'ambient_c' => 150], 'b' => ['insulated' => true]],
            ],
        ];
        $capped = $case;
        $capped['body']['layers'] = [
            ['tissue' => 'fat', 'thickness_mm' => 8],
            ['tissue' => 'lean', 'thickness_mm' => $case['body']['thickness_mm'] - 8],
        ];

        self::assertLessThan(self::reply($case)['max_core_c'] - 3.0, self::reply($capped)['max_core_c']);
    }

    public function test_everything_wrong_is_named_at_once(): void
    {
        try {
            SimulationCase::fromArray(['body' => ['shape' => 'slab', 'thickness_mm' => -1], 'start_c' => 'cold']);
            self::fail('it was taken');
        } catch (InputRefused $refused) {
            self::assertSame(['body.thickness_mm', 'material', 'start_c', 'stages'], array_column($refused->violations, 'key'));
        }
    }

    /**
     * @param  array<string, mixed>  $case
     * @return array<string, mixed>
     */
    private static function reply(array $case): array
    {
        return SimulationReport::of(SimulationCase::fromArray($case));
    }

    /** @return array<string, mixed> */
    private static function steak(): array
    {
        $air = ['h_w_m2k' => 10, 'ambient_c' => 22];

        return [
            'body' => ['shape' => 'slab', 'thickness_mm' => 25],
            'material' => ['k_w_mk' => 0.48, 'rho_kg_m3' => 1060, 'cp_j_kgk' => 3500],
            'start_c' => 5,
            'wet_surface' => false,
            'stages' => [
                [
                    'name' => 'sear',
                    'duration_s' => 600,
                    'flip_every_s' => 60,
                    'faces' => ['a' => ['h_w_m2k' => 500, 'ambient_c' => 230], 'b' => ['h_w_m2k' => 12, 'ambient_c' => 25]],
                ],
                ['name' => 'rest', 'duration_s' => 300, 'faces' => ['a' => $air, 'b' => $air]],
            ],
            'report' => ['every_s' => 60, 'core_targets_c' => [50, 54, 190], 'bands_c' => [45, 71]],
            'lethality' => ['d_ref_s' => 30, 't_ref_c' => 60, 'z_c' => 5.56],
        ];
    }
}
