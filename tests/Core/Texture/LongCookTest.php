<?php

declare(strict_types=1);

namespace Tests\Core\Texture;

use Nessmark\Data\DataFolder;
use Nessmark\Heat\Body;
use Nessmark\Heat\Grid;
use Nessmark\Quantity\Length;
use Nessmark\Texture\Melting;
use Nessmark\Texture\MeltTrace;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Cooking until it gives way: collagen to gelatin, and the tickets that go by it. */
final class LongCookTest extends TestCase
{
    public function test_at_one_temperature_the_share_turned_is_the_exponential(): void
    {
        $trace = self::held(95.0, 5400.0, 0.5);
        $perSecond = (new Melting(0.6, 2.5, 70.0))->perSecond(95.0);

        self::assertEqualsWithDelta(1.0 - exp(-5400.0 * $perSecond), $trace->share(), 1e-9);
        self::assertEqualsWithDelta(log(2.0) / $perSecond, $trace->reachedAtS, 1e-6);
    }

    public function test_the_rate_rises_with_temperature_as_published(): void
    {
        // Martens et al. (1982), Tornberg (2005), from memory: 2 to 4 times per 10 °C.
        $melting = Melting::in(DataFolder::shipped()->read('texture.json')->record('gelatin'), 'cattle', 3.0);

        self::assertGreaterThanOrEqual(2.0, $melting->perSecond(95.0) / $melting->perSecond(85.0));
        self::assertLessThanOrEqual(4.0, $melting->perSecond(95.0) / $melting->perSecond(85.0));
        self::assertSame(0.0, $melting->perSecond(60.0));
    }

    /** Common practice, no source; hours, within a quarter. */
    #[TestWith(['lamb-parcel-pieces', 38, 'parcel', 'falling_apart', 2.5])]
    #[TestWith(['lamb-hind-shank', 60, 'parcel', 'falling_apart', 2.5])]
    #[TestWith(['pork-belly-pieces', 25, 'braise', 'fork_tender', 1.5])]
    public function test_braises_and_parcels_take_their_customary_hours(
        string $cut,
        float $mm,
        string $method,
        string $word,
        float $hours,
    ): void {
        $ticket = self::ticket($cut, $mm, $method, $word);

        self::assertEqualsWithDelta($hours, $ticket['time']['likely_s'] / 3600.0, 0.25 * $hours);
    }

    public function test_a_long_cook_goes_by_the_fork_and_is_safe_for_anyone(): void
    {
        $ticket = Counter::open()->ticket([
            'cut' => 'beef-cheek',
            'thickness_mm' => 50,
            'method' => 'braise',
            'diners' => [['count' => 4, 'at_risk' => true, 'doneness' => 'fork_tender']],
        ]);

        self::assertSame(['fork', 'clear'], [$ticket['pull_by'], $ticket['verdict']['level']]);
        self::assertContains('do.pull_by_fork', array_map(static fn (array $line): string => $line['do']['key'], $ticket['timeline']));
        self::assertSame('collagen', $ticket['effects'][0]['input']);
    }

    public function test_thicker_weaker_and_further_take_longer(): void
    {
        $time = static fn (float $mm, float $heatC, string $word): float => Counter::open()->ticket([
            'cut' => 'beef-cheek',
            'thickness_mm' => $mm,
            'method' => 'braise',
            'heat_c' => $heatC,
            'diners' => [['count' => 2, 'doneness' => $word]],
        ])['time']['likely_s'];

        self::assertLessThan($time(60, 95, 'fork_tender'), $time(40, 95, 'fork_tender'));
        self::assertLessThan($time(50, 88, 'fork_tender'), $time(50, 95, 'fork_tender'));
        self::assertLessThan($time(50, 95, 'falling_apart'), $time(50, 95, 'sliceable'));
    }

    public function test_beef_takes_longer_than_pork_of_the_same_size(): void
    {
        self::assertGreaterThan(
            self::ticket('pork-shoulder-dice', 30, 'braise', 'fork_tender')['time']['likely_s'],
            self::ticket('beef-stewing-dice', 30, 'braise', 'fork_tender')['time']['likely_s'],
        );
    }

    public function test_what_is_not_cooked_long_goes_by_its_core_in_a_pot_too(): void
    {
        $ticket = self::ticket('chicken-breast', 25, 'poach', 'done');

        self::assertSame('core', $ticket['pull_by']);
        self::assertGreaterThanOrEqual(74.0, $ticket['pull_core_c']);
        self::assertNotContains('surface', array_column($ticket['effects'], 'input'), 'nothing dries under water');
    }

    private static function held(float $celsius, float $seconds, float $mark): MeltTrace
    {
        $grid = Grid::across(Body::slab(Length::ofMillimetres(10.0)), 5);
        $trace = new MeltTrace($grid, 0.005, new Melting(0.6, 2.5, 70.0), $mark);
        $same = array_fill(0, 5, $celsius);
        $still = array_fill(0, 5, 0.0);
        $trace->step(0.0, $same, $still, $seconds / 2.0, $same, $still);
        $trace->step($seconds / 2.0, $same, $still, $seconds, $same, $still);

        return $trace;
    }

    /** @return array<string, mixed> */
    private static function ticket(string $cut, float $mm, string $method, string $word): array
    {
        return Counter::open()->ticket([
            'cut' => $cut,
            'thickness_mm' => $mm,
            'method' => $method,
            'diners' => [['count' => 4, 'doneness' => $word]],
        ]);
    }
}
