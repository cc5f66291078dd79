<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\Body;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What is said of standing in the room before, of a thin end, and of what is left over. */
final class BeforeAndAfterTest extends TestCase
{
    public function test_what_an_hour_in_the_room_saves_is_what_a_warmer_start_saves(): void
    {
        $ask = [
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 40,
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => 'medium']],
        ];
        $cold = Counter::open()->ticket($ask);
        $args = $cold['tempering']['args'];
        $warm = Counter::open()->ticket([...$ask, 'start_c' => $args->core_c]);

        self::assertGreaterThan(5.0, $args->core_c);
        self::assertLessThan(22.0, $args->core_c);
        self::assertEqualsWithDelta($cold['time']['likely_s'] - $warm['time']['likely_s'], $args->saves_s, 0.35 * $args->saves_s);
        self::assertLessThanOrEqual(7200.0, $args->for_s, 'USDA FSIS: two hours out of refrigeration at most; from memory');
    }

    /** Mince, poultry, what was needled, fish, and anything for someone at risk starts cold. */
    #[TestWith([['cut' => 'beef-burger', 'thickness_mm' => 20]])]
    #[TestWith([['cut' => 'chicken-breast', 'thickness_mm' => 25]])]
    #[TestWith([['cut' => 'duck-breast', 'thickness_mm' => 22]])]
    #[TestWith([['cut' => 'salmon-loin', 'thickness_mm' => 25]])]
    #[TestWith([['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 40, 'pierced' => true]])]
    #[TestWith([['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 40, 'diners' => [['count' => 2, 'at_risk' => true]]]])]
    public function test_standing_in_the_room_is_never_advised_where_meat_has_to_start_cold(array $ask): void
    {
        self::assertNull(Counter::open()->ticket($ask)['tempering']);
    }

    public function test_what_is_left_over_is_cut_so_thin_that_it_is_cold_in_time_and_no_thinner(): void
    {
        $keeping = Counter::open()->ticket([
            'cut' => 'beef-eye-of-round-roast',
            'thickness_mm' => 95,
            'method' => 'oven_roast',
            'diners' => [['count' => 4, 'doneness' => 'well']],
        ])['keeping'];
        $cut = Counter::open()->catalogue->cut('beef-eye-of-round-roast');
        $fridge = Kitchen::from(DataFolder::shipped())->fridgeFace();
        $hours = static function (float $mm, float $toC) use ($cut, $fridge): float {
            $simulator = new Simulator(Body::slab(Length::ofMillimetres($mm)), $cut->material());

            return $simulator->runStage($simulator->start(57.2), new Stage('fridge', $fridge, $fridge, null, $toC))->end->timeS / 3600.0;
        };
        // FDA Food Code 3-501.14, from memory: 57 to 21 °C within 2 h, to 5 °C within 6 h.
        $isInTime = static fn (float $mm): bool => $hours($mm, 21.1) <= 2.0 && $hours($mm, 5.0) <= 6.0;

        self::assertSame('keep.cut', $keeping['key']);
        self::assertTrue($isInTime($keeping['args']->most_mm));
        self::assertFalse($isInTime($keeping['args']->most_mm + 2.0));
    }

    public function test_what_never_met_the_minimum_is_not_kept(): void
    {
        $key = static fn (string $word): string => Counter::open()->ticket([
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 25,
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => $word]],
        ])['keeping']['key'];

        self::assertSame(['keep.nothing', 'keep.whole'], [$key('rare'), $key('well')]);
    }

    public function test_a_thin_end_is_ready_as_much_earlier_as_a_thin_piece_would_be(): void
    {
        $ask = ['cut' => 'beef-outside-skirt', 'method' => 'grill', 'diners' => [['count' => 2, 'doneness' => 'medium']]];
        $thick = Counter::open()->ticket([...$ask, 'thickness_mm' => 16, 'thin_mm' => 10]);
        $thin = Counter::open()->ticket([...$ask, 'thickness_mm' => 10]);
        $said = array_values(array_filter($thick['doubts'], static fn (array $doubt): bool => $doubt['key'] === 'doubt.thin_end'));

        self::assertEqualsWithDelta($thick['time']['likely_s'] - $thin['time']['likely_s'], $said[0]['args']->earlier_s, 45.0);
        self::assertSame(10.0, $said[0]['args']->thin_mm);
    }

    public function test_a_thin_end_thicker_than_the_piece_is_refused_by_name(): void
    {
        $this->expectExceptionMessage('thin_mm');
        Counter::open()->ticket(['cut' => 'beef-outside-skirt', 'thickness_mm' => 12, 'thin_mm' => 20]);
    }
}
