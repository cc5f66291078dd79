<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Nessmark\Bench\Offer;
use Nessmark\Bench\TruePrice;
use Nessmark\Contract\LotReader;
use Nessmark\Contract\OfferReport;
use Nessmark\Data\DataFolder;
use Nessmark\Grade\GradeTable;
use Nessmark\Matching\Answer;
use Nessmark\Matching\Found;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Money;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Reference;
use Tests\Support\TodaysCase;

/** What meat costs where it is eaten. */
final class TruePriceTest extends TestCase
{
    /** Catering arithmetic: 18.00 a kilo on the bone, yields 0.92 × 0.85 × 0.76 one after the other, are 30.2867 a kilo cooked. */
    public function test_yields_of_a_chain_multiply_and_bear_the_price_of_the_whole(): void
    {
        $left = BigDecimal::of('0.92')->multipliedBy('0.85');
        $price = TruePrice::of(self::offer('chain', '18.00', (string) $left, '0.76'), BigDecimal::zero());

        self::assertSame('30.2867', (string) $price->perKgCooked->toScale(4, RoundingMode::HALF_UP));
        self::assertEqualsWithDelta(1000.0 / 0.59432, $price->boughtG(BigDecimal::of(1000))->toFloat(), 1e-9);
        // and exactly: what is bought for a portion costs what the portion does
        $bought = $price->boughtG(BigDecimal::of(150))->multipliedBy('18.00')->dividedBy(1000);
        self::assertTrue($bought->isEqualTo($price->aPortion(BigDecimal::of(150))));
    }

    /** 11.90 with 38 % of trim is dearer than trimmed meat at 17.50, and would be even with it at 10.85. */
    public function test_what_is_trimmed_off_turns_the_order_and_is_said_to(): void
    {
        $none = BigDecimal::zero();
        $cheap = TruePrice::of(self::offer('untrimmed', '11.90', '0.62', '0.78'), $none);
        $dear = TruePrice::of(self::offer('trimmed', '17.50', '1', '0.78'), $none);

        self::assertTrue($cheap->perKgCooked->isGreaterThan($dear->perKgCooked));
        self::assertSame('trim', TruePrice::turnedBy($cheap, $dear, $none));
        self::assertNull(TruePrice::turnedBy($dear, $cheap, $none));
        self::assertSame(10.85, $cheap->evenPerKg($dear)->toScale(2)->toFloat());
        $shrinks = TruePrice::of(self::offer('shrinks', '16.00', '1', '0.60'), $none);
        self::assertSame('cooking', TruePrice::turnedBy($shrinks, $dear, $none));
        $both = TruePrice::of(self::offer('both', '6.00', '0.62', '0.40'), $none);
        self::assertSame(
            'together',
            TruePrice::turnedBy($both, TruePrice::of(self::offer('ready', '9.00', '1', '0.85'), $none), $none),
        );
        $hour = BigDecimal::of(36);
        $slow = TruePrice::of(
            new Offer('slow', BigDecimal::of(16), BigDecimal::one(), BigDecimal::of('0.78'), BigDecimal::of(600)),
            $hour,
        );
        self::assertSame('22.0000', (string) $slow->perKgTrimmed->toScale(4));
        self::assertSame('work', TruePrice::turnedBy($slow, $dear, $hour));
        $even = new Offer('even', $slow->evenPerKg($dear)->toScale(2), BigDecimal::one(), BigDecimal::of('0.78'), BigDecimal::of(600));
        self::assertSame(11.5, $even->perKg->toFloat()); // 17.50 less six for the ten minutes
        self::assertTrue(TruePrice::of($even, $hour)->perKgCooked->isEqualTo($dear->perKgCooked));
    }

    public function test_offers_of_the_case_take_what_their_lots_lose_and_a_margin_is_of_the_selling_price(): void
    {
        $lots = [self::lot('A', 11.9, 38.0), self::lot('B', 17.5, 0.0), self::lot('C', 17.5, null)];
        $offers = OfferReport::from(DataFolder::shipped())->of(
            ['offers' => [['lot' => 'A'], ['lot' => 'B'], ['lot' => 'C']], 'margin_pct' => 30, 'step' => 0.05],
            $lots,
            'EUR',
        );

        self::assertSame(['Outside skirt, B', 'Outside skirt, A', 'Outside skirt, C'], array_column($offers['offers'], 'name'));
        self::assertSame(['offer.turned_by_trim'], array_column($offers['turned'], 'key'));
        [$low, $high] = $lots[2]->cut->trimYield();
        self::assertEqualsWithDelta(100.0 * (1.0 - ($low + $high) / 2.0), $offers['offers'][2]['trim_pct'], 0.06);
        self::assertSame(25.0, $offers['offers'][0]['sale_per_kg']); // 17.50 is seven tenths of it
        self::assertSame(27.45, $offers['offers'][1]['sale_per_kg']); // 27.419 up to the next five hundredths
    }

    public function test_who_asks_for_cheap_or_has_a_budget_gets_what_is_cheap_on_the_plate(): void
    {
        $case = TodaysCase::open();
        $lots = [self::lot('A', 11.9, 38.0), self::lot('B', 17.5, 0.0)];
        $best = static fn (array $lots, array $more = []): array => array_map(
            static fn (Found $found): string => $found->option->lot->number,
            $case->answer('outside skirt for 4 on the grill, cheap', $lots, $more)->matches,
        );

        self::assertSame('B', $best($lots)[0]);
        self::assertSame('A', $best([self::lot('A', 10.0, 38.0), $lots[1]])[0], 'cheap enough, even trimmed it is cheaper');
        $ofA = $case->answer('outside skirt for 4 on the grill', [$lots[0]])->matches[0]->option->perHeadMinor;
        self::assertSame(['B'], $best($lots, ['budget' => ($ofA - 1) / 100.0]));
    }

    public function test_a_lot_of_which_too_little_is_left_after_trimming_does_not_fit(): void
    {
        $match = static fn (?float $trimPct): Answer => TodaysCase::open()->answer('outside skirt for 4 on the grill', [
            self::lot('A', 11.9, $trimPct, 1000),
        ]);

        self::assertCount(1, $match(null)->matches);
        self::assertSame([], $match(60.0)->matches, 'a kilo of which 400 g are meat');
    }

    public function test_a_lot_with_more_to_trim_is_weighed_out_in_more_and_its_ticket_says_what_comes_off(): void
    {
        $ticket = static fn (?float $trimPct): array => Counter::open()->ticket(
            ['cut' => 'beef-outside-skirt', 'method' => 'grill', 'pieces' => 2, 'lot' => 'A'],
            lot: self::lot('A', 20.0, $trimPct),
        );
        [$usual, $fat] = [$ticket(null), $ticket(38.0)];

        self::assertSame($usual['amounts'], $fat['amounts']);
        self::assertSame($usual['amounts']['raw_g'], $usual['price']['weighed_g']);
        [$low, $high] = Counter::open()->catalogue->cut('beef-outside-skirt')->trimYield();
        self::assertEqualsWithDelta(($usual['price']['weighed_g'] * ($low + $high)) / 2.0 / 0.62, $fat['price']['weighed_g'], 1.0);
        self::assertEqualsWithDelta(0.38 * $fat['price']['weighed_g'], $fat['bench']['comes_off_high_g'], 1.0);
        self::assertSame($fat['bench']['comes_off_low_g'], $fat['bench']['comes_off_high_g']);
        self::assertEqualsWithDelta(0.02 * $fat['price']['weighed_g'], $fat['price']['total'], 0.011);
    }

    /** Decimals of ISO 4217 as ext-intl has them; steps of coins are national rules, from memory. */
    public function test_sums_are_shown_and_paid_as_their_country_does(): void
    {
        $folder = DataFolder::shipped();
        foreach (Reference::rows('money') as $row) {
            $money = Money::in($row['currency'], $folder);
            self::assertSame((float) $row['shown'], $money->shown(BigDecimal::of($row['sum'])), $row['currency']);
            self::assertSame((float) $row['paid'], $money->cash(BigDecimal::of($row['sum'])), $row['currency']);
        }
        self::assertSame(1.26, self::lot('A', 1.25, null)->priceMinor(Mass::ofGrams(1004)) / 100.0); // 1.255
    }

    private static function offer(string $name, string $perKg, string $trimmed, string $cooked): Offer
    {
        return new Offer($name, BigDecimal::of($perKg), BigDecimal::of($trimmed), BigDecimal::of($cooked), BigDecimal::zero());
    }

    private static function lot(string $number, float $price, ?float $trimPct, int $g = 9000): Lot
    {
        return (new LotReader(Counter::open()->catalogue, GradeTable::from(DataFolder::shipped())))->read([
            'number' => $number,
            'cut' => 'beef-outside-skirt',
            'weight_g' => $g,
            'price_per_kg' => $price,
            'trim_pct' => $trimPct,
        ]);
    }
}
