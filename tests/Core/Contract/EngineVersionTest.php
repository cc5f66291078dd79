<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Nessmark\Data\Engine;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/**
 * Whoever changes a figure raises the engine's version: a stored ticket says which one made it. The figures of sixty-odd tickets, one
 * of each kind of cut by each way it is offered first and last, are held to the version they were computed by.
 */
final class EngineVersionTest extends TestCase
{
    private const FILE = __DIR__.'/../../Reference/engine.json';

    public function test_figures_change_only_with_the_version(): void
    {
        $known = json_decode((string) file_get_contents(self::FILE), true);
        $figures = self::figures();
        if (getenv('NESSMARK_RAISE_ENGINE') === '1' && $known['version'] !== Engine::VERSION) {
            file_put_contents(self::FILE, json_encode(['version' => Engine::VERSION, 'figures' => $figures], JSON_PRETTY_PRINT)."\n");
            $known = ['version' => Engine::VERSION, 'figures' => $figures];
        }

        self::assertSame(Engine::VERSION, $known['version'], 'the version was raised: record its figures with NESSMARK_RAISE_ENGINE=1');
        self::assertSame(array_keys($known['figures']), array_keys($figures));
        foreach ($figures as $what => $row) {
            foreach ($row as $i => $figure) {
                // Another processor may round the last digit of an exponential otherwise; a ticket's figures stay.
                $off = max(0.11, 0.002 * abs($figure));
                self::assertEqualsWithDelta(
                    $known['figures'][$what][$i],
                    $figure,
                    $off,
                    "{$what}: raise Engine::VERSION, then record its figures with NESSMARK_RAISE_ENGINE=1",
                );
            }
        }
    }

    /** @return array<string, list<float>> pull and peak in °C, times in s, loss, by cut and way */
    private static function figures(): array
    {
        $figures = [];
        foreach (Counter::open()->kinds() as $cut) {
            $offered = Counter::open()->suitability->offered($cut);
            foreach ([$offered[0], $offered[count($offered) - 1]] as $method) {
                $ticket = Counter::open()->ticket([
                    'cut' => $cut->slug,
                    'thickness_mm' => $cut->build->typicalMm,
                    'method' => $method->value,
                    'diners' => [['count' => 3]],
                ]);
                $figures["{$cut->slug} {$method->value}"] = array_map(static fn (mixed $figure): float => (float) $figure, [
                    $ticket['heat_c'],
                    $ticket['pull_core_c'],
                    $ticket['peak_core_c'],
                    $ticket['time']['likely_s'],
                    $ticket['time']['high_s'],
                    $ticket['rest_s'],
                    $ticket['losses']['cooking_loss_share'],
                    $ticket['amounts']['raw_g'],
                    $ticket['log_reduction']['core'],
                ]);
            }
        }

        return $figures;
    }
}
