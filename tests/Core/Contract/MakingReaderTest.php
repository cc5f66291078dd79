<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Nessmark\Catalogue\Kinds;
use Nessmark\Contract\LotReader;
use Nessmark\Contract\MakingReader;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Making;
use Nessmark\Stock\Packed;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Lots out of lots: nothing is lost on the way, and nothing gets better by it. */
final class MakingReaderTest extends TestCase
{
    private const BURGERS = ['number' => 'M1', 'cut' => 'beef-burger', 'weight_g' => 1480, 'price_per_kg' => 15.4];

    public function test_what_is_made_is_as_old_as_its_oldest_and_as_treated_as_any_of_it(): void
    {
        $made = self::read([
            'from' => [['lot' => 'A', 'g' => 1000], ['lot' => 'B', 'g' => 500]],
            'to' => [self::BURGERS],
            'loss_g' => 20,
        ])->to[0];

        self::assertSame('2026-12-02', $made->useBy?->format('Y-m-d'));
        self::assertSame(
            [null, null, 'Hallen farm, Myrvik', Packed::Wet],
            [$made->grade, $made->agedDays, $made->origin, $made->packed],
        );
        $steaks = ['number' => 'C1', 'cut' => 'beef-strip-steak', 'weight_g' => 900, 'price_per_kg' => 30, 'thickness_mm' => 30];
        $cut = self::read(['from' => [['lot' => 'A', 'g' => 1000]], 'to' => [$steaks], 'loss_g' => 100])->to[0];
        self::assertSame(['usda_quality:choice', 18, 30.0], [$cut->grade, $cut->agedDays, $cut->thickness?->toMillimetres()]);
        $needled = self::read(['from' => [['lot' => 'N', 'g' => 1000]], 'to' => [$steaks], 'loss_g' => 100])->to[0];
        self::assertTrue($needled->isPierced, 'what was needled whole is needled in slices');
        $long = self::read([
            'from' => array_map(static fn (string $lot): array => ['lot' => $lot, 'g' => 370], ['A', 'B', 'N', 'L']),
            'to' => [self::BURGERS],
            'loss_g' => 0,
        ]);
        self::assertSame('Hallen farm, Myrvik +1', $long->to[0]->origin);
    }

    public function test_what_does_not_add_up_or_would_be_better_than_it_is_is_refused(): void
    {
        $from = [['lot' => 'A', 'g' => 1000], ['lot' => 'B', 'g' => 500]];
        $making = ['from' => $from, 'to' => [self::BURGERS], 'loss_g' => 20];
        foreach (
            [
                'loss_g' => [...$making, 'loss_g' => 19],
                'to.0.use_by' => [...$making, 'to' => [[...self::BURGERS, 'use_by' => '2026-12-05']]],
                'to.0.cut' => [...$making, 'from' => [['lot' => 'A', 'g' => 1000], ['lot' => 'K', 'g' => 500]]], // chicken in a beef burger
                'to.0.number' => [...$making, 'to' => [[...self::BURGERS, 'number' => null]]],
                'to.0.colour' => [...$making, 'to' => [[...self::BURGERS, 'colour' => 'red']]],
                'from.1.lot' => [...$making, 'from' => [['lot' => 'A', 'g' => 1000], ['lot' => 'A', 'g' => 500]]],
                'from.0.lot' => [...$making, 'from' => [['lot' => 'O', 'g' => 1500]]], // not here yet
                'from.0.g' => [...$making, 'from' => [['lot' => 'A', 'g' => 0.5], ['lot' => 'B', 'g' => 500]]],
            ] as $key => $wrong
        ) {
            try {
                self::read($wrong);
                self::fail("It was read: {$key}");
            } catch (InputRefused $refused) {
                self::assertContains($key, array_map(static fn ($violation): string => $violation->key, $refused->violations));
            }
        }
    }

    /** What is dangerous in a lot is dangerous in what is made of it, and one meat is not sold as another. */
    public function test_a_danger_is_not_lost_on_the_way(): void
    {
        $of = static fn (string $lot, string $cut): array => [
            'from' => [['lot' => $lot, 'g' => 500]],
            'to' => [['number' => 'X1', 'cut' => $cut, 'weight_g' => 500, 'price_per_kg' => 15]],
            'loss_g' => 0,
        ];
        foreach ([['W', 'venison-mince'], ['B', 'pork-mince'], ['K', 'turkey-escalope'], ['K', 'beef-burger']] as [$lot, $cut]) {
            try {
                self::read($of($lot, $cut));
                self::fail("{$lot} was read as {$cut}");
            } catch (InputRefused $refused) {
                self::assertSame('to.0.cut', $refused->violations[0]->key);
            }
        }
        self::assertTrue(self::read($of('S', 'beef-strip-steak'))->to[0]->isStuffed, 'what was filled is filled in slices');
        $both = ['from' => [['lot' => 'F', 'g' => 500], ['lot' => 'G', 'g' => 500]], 'loss_g' => 0];
        $loin = ['number' => 'X2', 'cut' => 'salmon-loin', 'weight_g' => 1000, 'price_per_kg' => 30];
        $made = self::read([...$both, 'to' => [$loin]])->to[0];
        self::assertFalse($made->isParasiteFrozen, 'one of the two was not frozen');
        self::assertSame('wild', $made->rearing?->value, 'one was wild: the strictest of the parts');
        $one = self::read(['from' => [['lot' => 'F', 'g' => 1000]], 'to' => [$loin], 'loss_g' => 0])->to[0];
        self::assertSame([true, 'farmed'], [$one->isParasiteFrozen, $one->rearing?->value]);
    }

    /** @param  array<string, mixed>  $data */
    private static function read(array $data): Making
    {
        $reader = new LotReader(Counter::open()->catalogue, GradeTable::from(DataFolder::shipped()));
        $lot = static fn (string $number, string $cut, array $more = []): Lot => $reader->read([
            'number' => $number,
            'cut' => $cut,
            'weight_g' => 5000,
            'price_per_kg' => 20,
            ...$more,
        ]);

        return (new MakingReader($reader, Kinds::from(DataFolder::shipped())))->read($data, [
            $lot('A', 'beef-strip-loin', [
                'grade' => 'usda_quality:choice',
                'aged_days' => 18,
                'origin' => 'Hallen farm',
                'use_by' => '2026-12-04',
                'packed' => 'dry',
            ]),
            $lot('B', 'beef-brisket-point', ['origin' => 'Myrvik', 'use_by' => '2026-12-02']),
            $lot('K', 'chicken-breast', ['origin' => 'Myrvik']),
            $lot('L', 'beef-flank-steak', ['origin' => 'A valley with a rather long name', 'use_by' => '2026-12-09']),
            $lot('N', 'beef-strip-loin', ['pierced' => true]),
            $lot('O', 'beef-strip-loin', ['lead_days' => 3]),
            $lot('W', 'wild-boar-loin'),
            $lot('S', 'beef-strip-loin', ['stuffed' => true]),
            $lot('F', 'salmon-loin', ['parasite_frozen' => true, 'rearing' => 'farmed']),
            $lot('G', 'salmon-loin', ['rearing' => 'wild']),
        ]);
    }
}
