<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use DateTimeImmutable;
use Generator;
use Nessmark\Contract\LotCsv;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\Meat\FoodClass;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Pricing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Reference;
use Tests\Support\TodaysCase;

/** One line of the case: read strictly, written back without loss, priced. */
final class LotReaderTest extends TestCase
{
    private const RIB = [
        'number' => 'B1',
        'cut' => 'beef-rib-eye-steak',
        'thickness_mm' => 30,
        'weight_g' => 3400,
        'price_per_kg' => 38.0,
        'use_by' => '2026-11-30',
    ];

    public function test_a_line_of_the_table_comes_back_as_it_was(): void
    {
        foreach (Reference::rows('case') as $row) {
            $cells = LotCsv::cells(LotCsv::lot($row));
            self::assertSame(array_values($row), array_slice($cells, 0, count($row)), $row['number']);
            self::reader()->read(LotCsv::lot(array_combine(LotCsv::HEADER, $cells)));
        }
    }

    public function test_a_grade_is_the_fat_of_its_lean_and_many_lots_share_one_cut(): void
    {
        $reader = self::reader();
        $choice = $reader->read([...self::RIB, 'grade' => 'usda_quality:choice']);
        $again = $reader->read([...self::RIB, 'number' => 'B2', 'grade' => 'usda_quality:choice']);
        $select = $reader->read([...self::RIB, 'number' => 'B3', 'grade' => 'usda_quality:select']);

        self::assertSame($choice->cut, $again->cut);
        self::assertGreaterThan($select->cut->fatFraction(), $choice->cut->fatFraction());
        self::assertEqualsWithDelta(1.0, array_sum($choice->cut->composition->fractions), 1e-9);
        // says nothing of fat inside
        self::assertNull($reader->read([...self::RIB, 'number' => 'B4', 'grade' => 'eu_conformation:r'])->fat);
    }

    public function test_a_needled_lot_is_no_whole_muscle(): void
    {
        self::assertSame(FoodClass::NonIntact, self::reader()->read([...self::RIB, 'pierced' => true])->cut->foodClass);
    }

    public function test_what_is_to_be_ordered_needs_no_weight(): void
    {
        self::assertNull(self::reader()->read([...self::RIB, 'weight_g' => null, 'lead_days' => 2])->left);
    }

    /** @return Generator<string, array{array<string, mixed>, string, string}> */
    public static function broken(): Generator
    {
        yield 'no number' => [['number' => null], 'number', 'missing'];
        yield 'a long number' => [['number' => str_repeat('9', 41)], 'number', 'wrong_type'];
        yield 'a cut nobody knows' => [['cut' => 'beef-mint'], 'cut', 'not_allowed'];
        yield 'no weight' => [['weight_g' => null], 'weight_g', 'missing'];
        yield 'a weight below nothing' => [['weight_g' => -1], 'weight_g', 'out_of_range'];
        yield 'no price' => [['price_per_kg' => null], 'price_per_kg', 'missing'];
        yield 'a price as a word' => [['price_per_kg' => 'dear'], 'price_per_kg', 'wrong_type'];
        yield 'thicker than it comes' => [['thickness_mm' => 900], 'thickness_mm', 'out_of_range'];
        yield 'a scale nobody knows' => [['grade' => 'stars:5'], 'grade', 'not_allowed'];
        yield 'a value its scale has not' => [['grade' => 'bms:13'], 'grade', 'not_allowed'];
        yield 'packed otherwise' => [['packed' => 'damp'], 'packed', 'not_allowed'];
        yield 'a day that is none' => [['use_by' => '2026-02-30'], 'use_by', 'wrong_type'];
        yield 'days hung by halves' => [['aged_days' => 1.5], 'aged_days', 'wrong_type'];
        yield 'needled mince' => [['cut' => 'beef-mince', 'thickness_mm' => null, 'pierced' => true], 'pierced', 'conflict'];
        yield 'a key nobody reads' => [['colour' => 'red'], 'colour', 'unknown_key'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('broken')]
    public function test_what_is_wrong_is_refused_by_its_key(array $change, string $key, string $reason): void
    {
        try {
            self::reader()->read([...self::RIB, ...$change]);
            self::fail('it was taken');
        } catch (InputRefused $refused) {
            self::assertSame([$key, $reason], [$refused->violations[0]->key, $refused->violations[0]->reason]);
        }
    }

    public function test_prices_are_rounded_half_up_to_the_hundredth(): void
    {
        $lot = self::reader()->read([...self::RIB, 'price_per_kg' => 37.95]);

        self::assertSame(
            [3795, 721, 0, 38],
            [
                $lot->priceMinor(Mass::ofGrams(1000.0)),
                $lot->priceMinor(Mass::ofGrams(190.0)),
                $lot->priceMinor(Mass::ofGrams(0.0)),
                $lot->priceMinor(Mass::ofGrams(10.0)),
            ],
        );
    }

    public function test_a_margin_is_a_share_of_the_selling_price(): void
    {
        // 7 / 0.6995 = 10.0072, up to the hundredth
        self::assertSame([25.0, 17.0, 10.01], [Pricing::perKg(17.0, 32.0), Pricing::perKg(17.0, 0.0), Pricing::perKg(7.0, 30.05)]);
    }

    public function test_the_last_day_is_a_day_and_the_next_is_past(): void
    {
        $lot = self::reader()->read(self::RIB);
        $on = static fn (string $moment): array => [
            $lot->isPastOn(new DateTimeImmutable($moment)),
            $lot->daysLeft(new DateTimeImmutable($moment)),
        ];

        self::assertSame([false, 5], $on('2026-11-25T10:00:00+01:00'));
        self::assertSame([false, 0], $on('2026-11-30T23:59:00+01:00'));
        self::assertSame([true, -1], $on('2026-12-01T00:01:00+01:00'));
        self::assertNull(
            self::reader()
                ->read([...self::RIB, 'use_by' => null])
                ->daysLeft(new DateTimeImmutable('2026-11-25')),
        );
    }

    public function test_numbers_of_the_case_are_one_of_a_kind(): void
    {
        $numbers = array_map(static fn (Lot $lot): string => $lot->number, TodaysCase::open()->lots);

        self::assertSame(count($numbers), count(array_unique($numbers)));
    }

    private static function reader(): LotReader
    {
        return new LotReader(TodaysCase::open()->catalogue, GradeTable::from(DataFolder::shipped()));
    }
}
