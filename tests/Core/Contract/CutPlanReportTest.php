<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Nessmark\Contract\CutPlanReport;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\Stock\Lot;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** A whole piece of the case, asked how to cut it. */
final class CutPlanReportTest extends TestCase
{
    public function test_a_loin_becomes_steaks_of_its_own_muscle_that_bear_its_price(): void
    {
        $plan = self::plan(['lot' => 'A', 'goal' => 'even_weight', 'wanted_g' => 300]);

        self::assertSame('beef-strip-steak', $plan['into']['slug']);
        self::assertSame('beef-rib-steak-bone-in', self::plan(['lot' => 'R', 'ribs' => 5, 'most_mm' => 90])['into']['slug']);
        self::assertSame('beef-strip-steak', self::plan(['lot' => 'S'])['into']['slug'], 'what is sliced to order is cut into itself');
        self::assertSame(4200, $plan['portions_g'] + $plan['offcut_g'] + $plan['dust_g'] + $plan['rest_g']);
        self::assertEqualsWithDelta((4.2 * 22.5) / ($plan['portions_g'] / 1000.0), $plan['per_kg_bears'], 0.005);
        self::assertEqualsWithDelta(4.2 * 22.5, array_sum(array_column($plan['portions'], 'cost')), 0.01 * count($plan['portions']));
        self::assertSame(0, $plan['dust_g'], 'a knife makes no dust');
        self::assertGreaterThan(0, self::plan(['lot' => 'R', 'ribs' => 5, 'most_mm' => 90])['dust_g'], 'a saw does');
    }

    public function test_orders_are_filled_whole_and_what_stays_whole_keeps_its_price(): void
    {
        $orders = [['pieces' => 4, 'thickness_mm' => 30], ['pieces' => 2, 'each_g' => 400], ['pieces' => 1, 'each_g' => 9000]];
        $plan = self::plan(['lot' => 'A', 'goal' => 'orders', 'orders' => $orders]);

        self::assertSame([3], $plan['unfilled']);
        self::assertSame([1 => 4, 2 => 2], array_count_values(array_column($plan['portions'], 'order')));
        $ofWeight = array_filter($plan['portions'], static fn (array $portion): bool => $portion['order'] === 2);
        foreach ($ofWeight as $portion) {
            self::assertEqualsWithDelta(400, $portion['g'], 1);
        }
        self::assertGreaterThan(1000, $plan['rest_g']);
        self::assertLessThan(23.5, $plan['per_kg_bears'], 'the rest is not paid for by those who get steaks');
    }

    public function test_what_cannot_be_planned_says_what_can(): void
    {
        foreach (
            [
                'lot' => ['lot' => 'C'], // cut already
                'goal' => ['lot' => 'A', 'length_mm' => 30, 'least_mm' => 60, 'most_mm' => 60],
                'weight_g' => ['lot' => 'A', 'weight_g' => 4201],
                'orders.0.thickness_mm' => [
                    'lot' => 'A',
                    'goal' => 'orders',
                    'orders' => [['pieces' => 1, 'thickness_mm' => 30, 'each_g' => 200]],
                ],
                'orders' => ['lot' => 'A', 'goal' => 'orders', 'orders' => array_fill(0, 5, ['pieces' => 20, 'thickness_mm' => 20])],
                'most_mm' => ['lot' => 'A', 'least_mm' => 40, 'most_mm' => 20],
            ] as $key => $ask
        ) {
            try {
                self::plan($ask);
                self::fail("It was planned: {$key}");
            } catch (InputRefused $refused) {
                self::assertSame($key, $refused->violations[0]->key);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $ask
     * @return array<string, mixed>
     */
    private static function plan(array $ask): array
    {
        $catalogue = Counter::open()->catalogue;
        $reader = new LotReader($catalogue, GradeTable::from(DataFolder::shipped()));
        $lots = array_map(
            static fn (array $row): Lot => $reader->read(['number' => $row[0], 'cut' => $row[1], 'weight_g' => $row[2], ...$row[3]]),
            [
                ['A', 'beef-strip-loin', 4200, ['price_per_kg' => 22.5]],
                ['R', 'beef-standing-rib', 5200, ['price_per_kg' => 26]],
                ['S', 'beef-strip-steak', 5200, ['price_per_kg' => 38]],
                ['C', 'beef-strip-steak', 2000, ['price_per_kg' => 40, 'thickness_mm' => 30]],
            ],
        );

        return CutPlanReport::from(DataFolder::shipped())->of($ask, $lots, $catalogue, 'EUR');
    }
}
