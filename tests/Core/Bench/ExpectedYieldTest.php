<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Nessmark\Bench\ExpectedYield;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Counter;

/** What is left after trimming: the trade's band first, a shop's own knives the more the more they weigh. */
final class ExpectedYieldTest extends TestCase
{
    public function test_it_begins_with_the_band_and_ends_with_what_was_weighed(): void
    {
        $cut = Counter::open()->catalogue->cut('beef-outside-skirt');
        [$low, $high] = $cut->trimYield();
        $chance = new Randomizer(new Mt19937(20));
        $weighed = [];
        for ($i = 0; $i < 400; $i++) {
            $weighed[] = 0.70 + 0.0001 * $chance->getInt(-200, 200); // 68 to 72 %
        }
        $after = static fn (int $orders): ExpectedYield => ExpectedYield::of($cut, array_slice($weighed, 0, $orders));

        self::assertEqualsWithDelta(($low + $high) / 2.0, $after(0)->mean, 1e-12);
        self::assertEqualsWithDelta($low, $after(0)->low(), 1e-9);
        self::assertSame(0, $after(0)->orders);
        $off = array_map(static fn (int $orders): float => abs($after($orders)->mean - 0.70), [0, 1, 4, 20, 400]);
        self::assertSame($off, array_reverse(array_values(self::sorted($off))), 'every order brings it nearer');
        self::assertLessThan(0.003, $off[4]);
        self::assertEqualsWithDelta(4.0 * 0.02 / sqrt(3.0), $after(400)->high() - $after(400)->low(), 0.03); // an even spread of ±2 %
        self::assertSame(400, $after(400)->orders);
    }

    public function test_a_cutter_starts_from_the_shop_and_an_odd_yield_is_asked_about(): void
    {
        $cut = Counter::open()->catalogue->cut('beef-outside-skirt');
        $shop = ExpectedYield::of($cut, array_fill(0, 30, 0.80));
        $hand = ExpectedYield::of($cut, array_fill(0, 30, 0.80), array_fill(0, 10, 0.74));

        self::assertLessThan($shop->mean, $hand->mean);
        self::assertGreaterThan(0.74, $hand->mean);
        self::assertFalse($shop->isOdd(0.80));
        self::assertTrue($shop->isOdd(0.45), 'half of it gone');
        self::assertTrue($shop->isOdd(1.01), 'more than there was');
        self::assertLessThanOrEqual(1.0, ExpectedYield::of(Counter::open()->catalogue->cut('beef-rib-eye-steak'), [])->high());
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }
}
