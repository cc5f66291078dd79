<?php

declare(strict_types=1);

namespace Tests\App;

use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The command line, run as its users run it, and without a database. */
#[Group('clock')]
final class CommandLineTest extends TestCase
{
    private const NOW = '--now=2026-11-25T10:00:00+01:00';

    public function test_simulate_answers_json_with_its_timing(): void
    {
        [$code, $out] = self::artisan(
            'nessmark:simulate',
            '{"body":{"shape":"sphere","diameter_mm":40},"material":{"composition":{"water":0.62,"protein":0.17,"fat":0.2,"ash":0.01}},'.
                '"start_c":5,"stages":[{"name":"simmer","until_core_c":72,"faces":{"a":{"h_w_m2k":500,"ambient_c":95}}}]}',
        );
        $reply = json_decode($out, true);

        self::assertSame(0, $code);
        self::assertSame('core', $reply['stages'][0]['by']);
        self::assertSame(61, $reply['engine']['cells']);
        self::assertGreaterThan(0.0, $reply['engine']['ms']);
    }

    public function test_advise_answers_a_match_and_its_ticket(): void
    {
        [$code, $out] = self::artisan(
            'nessmark:advise',
            '{"cut":"duck-breast","thickness_mm":22,"diners":[{"count":2,"doneness":"pink"}],'.
                '"now":"2099-12-24T12:00:00+01:00","eat_at":"2099-12-24T19:30:00+01:00"}',
        );
        $reply = json_decode($out, true);

        self::assertSame(0, $code);
        self::assertSame('caution', $reply['matches'][0]['verdict']);
        self::assertStringStartsWith('2099-12-24T19:', $reply['ticket']['on_heat_at']);
    }

    public function test_the_house_of_the_command_line_gives_the_rules_and_an_ask_cannot_loosen_them(): void
    {
        $ask =
            '{"cut":"beef-rib-eye-steak","thickness_mm":30,"profile":"us","diners":[{"count":2,"at_risk":true,"doneness":"medium_well"}]}';
        $level = static fn (string ...$options): string => json_decode(self::artisan('nessmark:advise', $ask, $options)[1], true)[
            'ticket'
        ]['verdict']['level'];
        $house = (string) tempnam(sys_get_temp_dir(), 'nessmark');
        file_put_contents($house, '{"profile":"uk","stops_below":true}');

        self::assertSame(['clear', 'stop', 'stop'], [$level(), $level('--profile=uk'), $level("--house={$house}")]);
        self::assertSame(2, self::artisan('nessmark:advise', $ask, ["--house={$house}", '--profile=us'])[0]);
        self::assertSame(2, self::artisan('nessmark:advise', $ask, ['--profile=mars'])[0]);
        unlink($house);
    }

    public function test_advise_takes_the_fire_the_surface_and_the_thin_end(): void
    {
        $advised = static function (string $more): array {
            [$code, $out, $errors] = self::artisan(
                'nessmark:advise',
                '{"cut":"beef-outside-skirt","thickness_mm":16,"method":"grill","diners":[{"count":2}]'.$more.'}',
            );
            self::assertSame(0, $code, $errors);

            return json_decode($out, true)['ticket'];
        };
        $usual = $advised('');
        $asked = $advised(',"fires":{"grill":"wood","level":"far"},"surface":"wet","thin_mm":9');

        self::assertSame(['grill' => 'wood'], $asked['fires']);
        self::assertGreaterThan($usual['time']['likely_s'], $asked['time']['likely_s']);
        self::assertGreaterThan(
            ($usual['time']['high_s'] - $usual['time']['low_s']) / $usual['time']['likely_s'],
            ($asked['time']['high_s'] - $asked['time']['low_s']) / $asked['time']['likely_s'],
            'a wood fire is less sure than gas',
        );
        self::assertContains('doubt.thin_end', array_column($asked['doubts'], 'key'));
        self::assertNotContains('doubt.thin_end', array_column($usual['doubts'], 'key'));
    }

    public function test_advise_matches_a_line_with_a_case_from_a_file_and_needs_no_database(): void
    {
        [$code, $out, $errors] = self::artisan('nessmark:advise', '', [
            '--line=4 lamb rump mr iron+oven',
            '--case=tests/Reference/case.csv',
            self::NOW,
        ]);
        self::assertSame(0, $code, $errors);
        $reply = json_decode($out, true);
        self::assertSame(['L01', 'sear_then_oven'], [$reply['matches'][0]['lot']['number'], $reply['matches'][0]['method']]);
        self::assertSame(['L01', 29.54], [$reply['ticket']['price']['lot'], $reply['ticket']['price']['total']]);

        [, $out] = self::artisan(
            'nessmark:advise',
            '{"diners":[{"count":2}],"cut":"beef-top-sirloin-steak","appliances":["pan"],"now":"2026-11-25T10:00:00+01:00"}',
            ['--case=tests/Reference/case.csv'],
        );
        self::assertSame('B21', json_decode($out, true)['ticket']['price']['lot']);
        [$code, , $errors] = self::artisan('nessmark:advise', '{"diners":[{"count":2}]}', ['--case=nothing.csv']);
        self::assertSame([2, '--case'], [$code, json_decode($errors, true)['violations'][0]['key']]);
        [$code, , $errors] = self::artisan('nessmark:advise', '', [
            '--line=4 lamb rump',
            '--case=tests/Reference/case.csv',
            self::NOW,
            '--choose=99',
        ]);
        self::assertSame([2, '--choose'], [$code, json_decode($errors, true)['violations'][0]['key']]);
    }

    /** @return Generator<string, array{string, string, string}> */
    public static function broken(): Generator
    {
        yield 'no JSON' => ['nessmark:simulate', 'NaN', '(input)'];
        yield 'nothing' => ['nessmark:advise', '', '(input)'];
        yield 'thickness 0' => ['nessmark:advise', '{"diners":[{"count":2}],"cut":"lamb-rump","thickness_mm":0}', 'thickness_mm'];
        yield 'thickness -5' => ['nessmark:advise', '{"diners":[{"count":2}],"cut":"lamb-rump","thickness_mm":-5}', 'thickness_mm'];
        yield 'thickness 10,000' => [
            'nessmark:advise',
            '{"diners":[{"count":2}],"cut":"lamb-rump","thickness_mm":10000}',
            'thickness_mm',
        ];
        yield 'thickness abc' => ['nessmark:advise', '{"diners":[{"count":2}],"cut":"lamb-rump","thickness_mm":"abc"}', 'thickness_mm'];
        yield 'unknown cut' => ['nessmark:advise', '{"diners":[{"count":2}],"cut":"unicorn","thickness_mm":30}', 'cut'];
        yield 'eating in the past' => [
            'nessmark:advise',
            '{"diners":[{"count":2}],"cut":"lamb-rump","thickness_mm":45,"eat_at":"2001-01-01T12:00:00Z"}',
            'eat_at',
        ];
        yield 'a level for an oven' => [
            'nessmark:advise',
            '{"diners":[{"count":2}],"cut":"lamb-rump","thickness_mm":45,"method":"sear_then_oven","fires":{"level":"near"}}',
            'fires.level',
        ];
        yield 'a target above the fire' => [
            'nessmark:advise',
            '{"diners":[{"count":2}],"cut":"lamb-rump","thickness_mm":45,"method":"water_bath","heat_c":50}',
            'heat_c',
        ];
    }

    #[DataProvider('broken')]
    public function test_refused_input_exits_with_2_and_names_the_key(string $command, string $input, string $key): void
    {
        [$code, $out, $errors] = self::artisan($command, $input);

        self::assertSame(2, $code);
        self::assertSame('', $out);
        self::assertSame($key, json_decode($errors, true)['violations'][0]['key'] ?? null, $errors);
    }

    /**
     * @param  list<string>  $options
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function artisan(string $command, string $input, array $options = []): array
    {
        $process = proc_open(
            [PHP_BINARY, 'artisan', $command, ...$options],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            dirname(__DIR__, 2),
            [...getenv(), 'DB_PORT' => '1'],
        );
        assert(is_resource($process));
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $errors];
    }
}
