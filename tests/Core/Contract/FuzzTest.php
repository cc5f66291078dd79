<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Eris\Generators;
use Eris\TestTrait;
use Nessmark\Contract\Json;
use Nessmark\Contract\SimulationCase;
use Nessmark\Contract\SimulationReport;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\RandomCase;
use Tests\Support\Words;

/** Whatever comes in, either it is computed or it is refused by name; nothing in between. */
final class FuzzTest extends TestCase
{
    use TestTrait;

    private const RUBBISH = [null, '', 'abc', -1, 0, 1e9, 3.5, true, [], [1, 2], ['x' => 1], "\u{1F969}", '30'];

    public function test_any_one_value_of_a_case_replaced_by_rubbish_is_refused_or_computed(): void
    {
        $keys = [
            ['body'],
            ['body', 'shape'],
            ['body', 'thickness_mm'],
            ['material'],
            ['material', 'k_w_mk'],
            ['start_c'],
            ['stages'],
            ['stages', 0],
            ['stages', 0, 'name'],
            ['stages', 0, 'duration_s'],
            ['stages', 0, 'flip_every_s'],
            ['stages', 0, 'flip_at_s'],
            ['stages', 0, 'faces'],
            ['stages', 0, 'faces', 'a'],
            ['stages', 0, 'faces', 'a', 'h_w_m2k'],
            ['report'],
            ['report', 'every_s'],
            ['report', 'bands_c'],
            ['lethality'],
            ['lethality', 'z_c'],
            ['wet_surface'],
            ['surprise'],
        ];
        $this->limitTo(300)
            ->forAll(Generators::elements($keys), Generators::elements(self::RUBBISH))
            ->then(function (array $path, mixed $rubbish): void {
                $case = self::replaced(
                    [
                        'body' => ['shape' => 'slab', 'thickness_mm' => 20],
                        'material' => ['k_w_mk' => 0.5, 'rho_kg_m3' => 1000, 'cp_j_kgk' => 3500],
                        'start_c' => 5,
                        'stages' => [
                            [
                                'name' => 'a',
                                'duration_s' => 120,
                                'faces' => ['a' => ['h_w_m2k' => 100, 'ambient_c' => 150], 'b' => ['insulated' => true]],
                            ],
                        ],
                        'report' => ['every_s' => 60],
                        'lethality' => ['d_ref_s' => 30, 't_ref_c' => 60, 'z_c' => 6],
                    ],
                    $path,
                    $rubbish,
                );
                $this->computedOrRefused(static fn (): array => SimulationReport::of(SimulationCase::fromArray($case)), (string) $path[0]);
            });
    }

    public function test_any_one_value_of_an_ask_replaced_by_rubbish_is_refused_or_computed(): void
    {
        $keys = [
            ['cut'],
            ['thickness_mm'],
            ['start_c'],
            ['method'],
            ['heat_c'],
            ['diners'],
            ['diners', 0],
            ['diners', 0, 'count'],
            ['diners', 0, 'doneness'],
            ['diners', 0, 'at_risk'],
            ['diners', 0, 'avoid'],
            ['appliances'],
            ['units'],
            ['profile'],
            ['schools'],
            ['schools', 'doneness_words'],
            ['parasite_frozen'],
            ['now'],
            ['eat_at'],
            ['budget'],
            ['grade'],
            ['surface'],
            ['fires'],
            ['fires', 'pan'],
            ['thin_mm'],
            ['surprise'],
        ];
        $this->limitTo(max(200, self::cases()))
            ->forAll(Generators::elements($keys), Generators::elements(self::RUBBISH))
            ->then(function (array $path, mixed $rubbish): void {
                $ask = self::replaced(
                    ['cut' => 'salmon-loin', 'thickness_mm' => 25, 'method' => 'water_bath', 'diners' => [['count' => 2]]],
                    $path,
                    $rubbish,
                );
                $this->computedOrRefused(
                    static fn (): array => Json::of(Counter::open()->tickets->advise(Counter::open()->reader->read($ask))),
                    (string) $path[0],
                );
            });
    }

    public function test_random_valid_cases_are_computed_within_what_surrounds_them(): void
    {
        for ($number = 0; $number < self::cases(); $number++) {
            $case = RandomCase::valid($number);
            try {
                $reply = SimulationReport::of(SimulationCase::fromArray($case));
            } catch (InputRefused $refused) {
                self::fail("{$number}: {$refused->getMessage()} ".json_encode($case));
            }
            $meets = [$case['start_c']];
            foreach ($case['stages'] as $stage) {
                foreach ($stage['faces'] as $face) {
                    $meets = [
                        ...$meets,
                        $face['fixed_c'] ?? ($face['ambient_c'] ?? $case['start_c']),
                        $face['radiant_c'] ?? $case['start_c'],
                    ];
                }
            }
            $steamC = isset($case['wet_surface']) ? 101.0 : -INF; // where vapour settles it can be hotter than the air
            foreach ($reply['peak_profile_c'] as [, $peakC]) {
                self::assertGreaterThanOrEqual($case['start_c'] - 0.05, $peakC, "case {$number}");
                self::assertLessThanOrEqual(max($steamC, ...$meets) + 0.5, $peakC, "case {$number}");
            }
            self::assertEqualsWithDelta(1.0, array_sum((array) $reply['band_fractions']), 1e-4, "case {$number}");
        }
    }

    public function test_random_cases_with_one_thing_wrong_are_refused_by_its_name(): void
    {
        for ($number = 0; $number < 4 * self::cases(); $number++) {
            [$case, $key] = RandomCase::broken($number);
            try {
                SimulationCase::fromArray($case);
                self::fail("{$number}: {$key} was taken: ".json_encode($case));
            } catch (InputRefused $refused) {
                self::assertNotSame(
                    [],
                    array_filter(
                        array_column($refused->violations, 'key'),
                        static fn (string $named): bool => str_starts_with($named, $key),
                    ),
                    "{$number}: {$key}, but ".$refused->getMessage(),
                );
            }
        }
    }

    /** How many random cases; NESSMARK_FUZZ_CASES draws more of them than a daily run has time for. */
    private static function cases(): int
    {
        return (int) (getenv('NESSMARK_FUZZ_CASES') ?: 80);
    }

    /** @param  callable(): array<string, mixed>  $work */
    private function computedOrRefused(callable $work, string $key): void
    {
        try {
            self::assertNotSame('', json_encode($work(), JSON_THROW_ON_ERROR));
        } catch (InputRefused $refused) {
            self::assertStringStartsWith($key, $refused->violations[0]->key, $refused->getMessage());
            array_map(static fn (Violation $violation) => Words::assertSaid($violation->allowed), $refused->violations);
        }
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<int|string>  $path
     * @return array<array-key, mixed>
     */
    private static function replaced(array $data, array $path, mixed $value): array
    {
        $at = &$data;
        foreach ($path as $key) {
            $at = &$at[$key];
        }
        $at = $value;

        return $data;
    }
}
