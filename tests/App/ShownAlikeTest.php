<?php

declare(strict_types=1);

namespace Tests\App;

use App\Services\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The card, the screen: a figure reads the same on both. The interface's own units.ts is run by Node beside the server's Units. */
final class ShownAlikeTest extends TestCase
{
    private const RUN = <<<'JS'
    import { readFileSync, writeFileSync } from 'node:fs'
    import ts from 'typescript'
    const out = process.argv[2] + '/units.mjs'
    const source = readFileSync('resources/js/units/units.ts', 'utf8')
    const code = ts.transpileModule(source, { compilerOptions: { module: 'ESNext', target: 'ES2022' } }).outputText
    writeFileSync(out, code)
    const { show, span } = await import(out)
    const cases = JSON.parse(readFileSync(0, 'utf8'))
    const said = ([name, low, high, units]) => (name === 'span' ? span(low, high) : show(name, low, units))
    process.stdout.write(JSON.stringify(cases.map(said)))
    JS;

    public function test_two_thousand_figures_read_the_same(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(27));
        $cases = [];
        for ($i = 0; $i < 2000; $i++) {
            $size = 10.0 ** ($random->getInt(-1000, 5000) / 1000);
            $cases[] = ['span', round(($size * $random->getInt(400, 1000)) / 1000, 1), round($size, 1), 'metric'];
            $cases[] = [
                ['core_c', 'rise_k', 'thick_mm', 'raw_g', 'rest_s', 'a_head_money', 'share'][$i % 7],
                round(min($size, 3000.0), 2),
                0.0,
                ['metric', 'imperial'][$i % 2],
            ];
        }
        $folder = sys_get_temp_dir().'/nessmark-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $script = dirname(__DIR__, 2).'/node_modules/.nessmark-shown.mjs';
        file_put_contents($script, self::RUN);
        try {
            $process = proc_open(['node', $script, $folder], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
            fwrite($pipes[0], (string) json_encode($cases));
            fclose($pipes[0]);
            $shown = json_decode((string) stream_get_contents($pipes[1]), true);
            self::assertSame('', stream_get_contents($pipes[2]));
            proc_close($process);
        } finally {
            array_map(unlink(...), [...glob("{$folder}/*") ?: [], $script]);
            rmdir($folder);
        }
        foreach ($cases as $i => [$name, $low, $high, $units]) {
            self::assertSame(
                $name === 'span' ? Units::span($low, $high) : Units::from($units)->show($name, $low),
                $shown[$i],
                "{$name} {$low} {$high} {$units}",
            );
        }
    }

    /** @return list<array{float, float, string}> */
    public static function spans(): array
    {
        return [
            [36_960.0, 52_560.0, '10 h 16–14 h 36'],
            [40.0, 86.0, '40–86 s'],
            [61.0, 86.0, '61–86 s'],
            [300.0, 300.4, '5 min'],
            [720.0, 1020.0, '12–17 min'],
            [50.0, 200.0, '50 s–3 min'],
            [5000.0, 6000.0, '83 min–1 h 40'],
        ];
    }

    #[DataProvider('spans')]
    public function test_a_range_reads_as_one_would_say_it(float $lowS, float $highS, string $said): void
    {
        self::assertSame($said, str_replace("\u{a0}", ' ', Units::span($lowS, $highS)));
    }
}
