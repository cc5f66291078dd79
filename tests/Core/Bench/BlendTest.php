<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Nessmark\Bench\Blend;
use Nessmark\Bench\BlendGoal;
use Nessmark\Bench\BlendPart;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Contract\LotReader;
use Nessmark\Contract\MinceReport;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\Quantity\Mass;
use Nessmark\Safety\Profile;
use Nessmark\Safety\Standard;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Words;

/** Mass balances of fat, and the best of all mixtures. */
final class BlendTest extends TestCase
{
    /** Pearson's square: the mass of the fatter is M·(t − a)/(b − a). */
    #[TestWith([100.0, 10.0, 50.0, 20.0, 75.0, 25.0])]
    #[TestWith([50.0, 5.0, 30.0, 15.0, 30.0, 20.0])]
    #[TestWith([25.0, 7.0, 70.0, 25.0, 17.857143, 7.142857])]
    #[TestWith([10.0, 2.6, 80.0, 20.0, 7.751938, 2.248062])]
    #[TestWith([100.0, 10.0, 50.0, 10.0, 100.0, 0.0])]
    public function test_of_two_it_is_pearsons_square(float $kg, float $a, float $b, float $target, float $kgA, float $kgB): void
    {
        $blend = Blend::of(self::parts([[$a, 1.0], [$b, 1.0]]), $target / 100.0, $target / 100.0, BlendGoal::Price) ?? self::fail();

        self::assertEqualsWithDelta($kgA, $kg * $blend->shares['a'], 1e-6);
        self::assertEqualsWithDelta($kgB, $kg * $blend->shares['b'], 1e-6);
    }

    public function test_fat_and_cost_add_by_mass_and_what_cannot_be_is_none(): void
    {
        // 90 and 50 % lean at 8 and 3 a kilo to 80 %: a quarter of the fat one
        $blend = Blend::of(self::parts([[10.0, 8.0], [50.0, 3.0]]), 0.2, 0.2, BlendGoal::Price) ?? self::fail();
        self::assertEqualsWithDelta(6.75, $blend->costPerKg, 1e-9);
        // 10 kg at 5, 20 at 15, 5 at 60: 18.5714 %
        $fixed = [
            new BlendPart('a', 0.05, 1.0, 1, 10 / 35, 10 / 35),
            new BlendPart('b', 0.15, 1.0, 1, 20 / 35, 20 / 35),
            new BlendPart('c', 0.6, 1.0, 1, 5 / 35, 5 / 35),
        ];
        self::assertEqualsWithDelta([0.185714, 0.185714], Blend::reach($fixed), 1e-6);
        self::assertNull(Blend::of(self::parts([[20.0, 1.0], [30.0, 1.0]]), 0.15, 0.15, BlendGoal::Price));
        self::assertSame([0.2, 0.3], Blend::reach(self::parts([[20.0, 1.0], [30.0, 1.0]])));
    }

    /** Against every mixture in steps of a fiftieth, on five hundred made-up shelves. */
    public function test_nothing_tried_by_brute_force_is_better(): void
    {
        mt_srand(20261128);
        $compared = 0;
        for ($case = 0; $case < 500; $case++) {
            $parts = [];
            for ($i = 0; $i < 2 + ($case % 2); $i++) {
                $least = mt_rand(0, 10) / 50.0;
                $parts[] = new BlendPart(
                    chr(97 + $i),
                    mt_rand(1, 35) / 50.0,
                    mt_rand(200, 3000) / 100.0,
                    mt_rand(1, 5),
                    $least,
                    min(1.0, $least + mt_rand(10, 45) / 50.0),
                );
            }
            $target = mt_rand(5, 25) / 50.0;
            $goal = $case % 3 === 0 ? BlendGoal::Flavour : BlendGoal::Price;
            $blend = Blend::of($parts, $target - 0.03, $target + 0.03, $goal);
            $tried = self::bestOfGrid($parts, $target - 0.03, $target + 0.03, $goal);
            if ($tried !== null) {
                self::assertNotNull($blend, "case {$case}");
                self::assertGreaterThanOrEqual(
                    $tried - 1e-5,
                    $goal === BlendGoal::Price ? -$blend->costPerKg : $blend->flavour,
                    "case {$case}",
                );
                $compared++;
            }
            if ($blend !== null) {
                self::assertEqualsWithDelta(1.0, array_sum($blend->shares), 1e-9);
                self::assertTrue($blend->fat >= $target - 0.03 - 1e-6 && $blend->fat <= $target + 0.03 + 1e-6);
            }
        }
        self::assertGreaterThan(150, $compared);
    }

    public function test_a_mince_is_weighed_to_the_gram_and_priced_a_piece(): void
    {
        $stock = [
            self::lot('A', 'beef-chuck-eye-steak', 14.0),
            self::lot('B', 'beef-brisket-point', 9.0),
            self::lot('C', 'beef-flank-steak', 12.0),
        ];
        $ask = [
            'pieces' => 8,
            'each_g' => 187.5,
            'fat_pct' => 20,
            'spare_pct' => 2,
            'lots' => [['lot' => 'A'], ['lot' => 'B', 'least_pct' => 10], ['lot' => 'C']],
        ];
        $mince = MinceReport::from(DataFolder::shipped())->of($ask, $stock, new Standard(Profile::Us));

        self::assertSame(1500, array_sum(array_column($mince['parts'], 'g')));
        self::assertEqualsWithDelta(20.0, $mince['fat_pct'], 2.05);
        self::assertEqualsWithDelta(array_sum(array_column($mince['parts'], 'cost')), $mince['cost'], 0.005);
        self::assertSame(71.1, $mince['official_c']); // 160 °F, FSIS
        // common practice: 1.5 kg is eight of 187 g; at 15 in all 1.88 each; 8 oz is 227 g, not 200
        self::assertSame([8, 0], [$mince['pieces'], $mince['rest_g']]);
        $of = static fn (array $more): array => MinceReport::from(DataFolder::shipped())->of(
            [...array_diff_key($ask, ['pieces' => 0]), ...$more],
            $stock,
            new Standard(Profile::Us),
        );
        $counted = $of(['each_g' => 187, 'total_g' => 1500]);
        self::assertSame([8, 4, 1500], [$counted['pieces'], $counted['rest_g'], array_sum(array_column($counted['parts'], 'g'))]);
        self::assertSame(8, $of(['total_g' => 1500])['pieces']); // 187.5 g each, to the last gram
        $flat = [
            self::lot('A', 'beef-chuck-eye-steak', 10.0),
            self::lot('B', 'beef-brisket-point', 10.0),
            self::lot('C', 'beef-flank-steak', 10.0),
        ];
        $even = MinceReport::from(DataFolder::shipped())->of(
            [...$ask, 'fat_pct' => 20, 'spare_pct' => 15],
            $flat,
            new Standard(Profile::Us),
        );
        self::assertSame([15.0, 1.88], [$even['cost'], $even['cost_each']]);
        self::assertSame(227.0, round(Mass::ofOunces(8.0)->toGrams()));
        $thirds = array_map(static fn (string $lot): array => ['lot' => $lot, 'least_pct' => 33.3], ['A', 'B', 'C']);
        foreach ([19.0, 20.3, 21.7] as $fat) {
            $odd = MinceReport::from(DataFolder::shipped())->of(
                [...$ask, 'pieces' => 7, 'each_g' => 133, 'fat_pct' => $fat, 'spare_pct' => 20, 'lots' => $thirds],
                $stock,
                new Standard(Profile::Us),
            );
            self::assertSame(931, array_sum(array_column($odd['parts'], 'g')));
        }
    }

    /** Common practice, no source: salt mixed in binds, which a sausage wants and a burger does not; farce of birds is kept colder. */
    public function test_a_mince_is_worked_by_what_it_becomes(): void
    {
        $made = static function (string $form, string $cut, int $eachG, Profile $profile = Profile::Us): array {
            $mince = MinceReport::from(DataFolder::shipped())->of(
                ['pieces' => 10, 'each_g' => $eachG, 'fat_pct' => 15, 'spare_pct' => 20, 'lots' => [['lot' => 'A']], 'form' => $form],
                [self::lot('A', $cut, 12.0)],
                new Standard($profile),
            );
            foreach ([...$mince['steps'], ...$mince['names']] as $said) {
                Words::assertSaid(new Phrase($said['key'], (array) $said['args']));
            }

            return [
                ...array_map(static fn (mixed $args): array => (array) $args, array_column($mince['steps'], 'args', 'key')),
                'names' => array_column($mince['names'], 'key'),
                'oz' => $mince['each_oz'],
            ];
        };
        $burgers = $made('burgers', 'beef-brisket-point', 227);
        $sausages = $made('sausages', 'pork-collar', 100);
        $chicken = $made('sausages', 'chicken-thigh-boneless', 100);

        self::assertSame(8.0, $burgers['oz']);
        self::assertArrayHasKey('mince.salt', $burgers);
        self::assertArrayNotHasKey('mince.season_in', $burgers);
        self::assertEqualsWithDelta(18.0, $sausages['mince.season_in']['salt_g'], 0.05); // 1.8 % of a kilo
        self::assertArrayNotHasKey('mince.salt', $sausages);
        self::assertSame([12.0, 10.0], [$sausages['mince.bind']['end_c'], $chicken['mince.bind']['end_c']]);
        self::assertContains('mince.sausage_fat', $chicken['names'], 'too lean for one');
        self::assertArrayHasKey('mince.keeps_chart', $burgers); // US government cold storage chart, from memory
        $european = $made('burgers', 'beef-brisket-point', 227, Profile::Eu);
        self::assertArrayHasKey('mince.keeps_use_by', $european); // Regulation (EU) 1169/2011
        self::assertArrayHasKey('mince.roll', $made('meatballs', 'beef-brisket-point', 32));
        self::assertArrayNotHasKey('bench.film_between', $made('loose', 'beef-brisket-point', 100));
        self::assertLessThan(
            $burgers['mince.keeps']['frozen_s'],
            $made('burgers', 'beef-brisket-point', 100)['mince.keeps']['frozen_s'],
        );
    }

    public function test_what_these_lots_cannot_come_to_names_the_nearest(): void
    {
        try {
            MinceReport::from(DataFolder::shipped())->of(
                ['pieces' => 4, 'each_g' => 150, 'fat_pct' => 55, 'lots' => [['lot' => 'A']]],
                [self::lot('A', 'beef-flank-steak', 12.0)],
                new Standard(Profile::Us),
            );
            self::fail();
        } catch (InputRefused $refused) {
            self::assertSame('fat_pct', $refused->violations[0]->key);
            self::assertEqualsWithDelta(8.3, $refused->violations[0]->allowed->args['nearest'], 0.05);
        }
        $this->expectException(InputRefused::class); // more than there is
        MinceReport::from(DataFolder::shipped())->of(
            ['pieces' => 40, 'each_g' => 200, 'fat_pct' => 8.3, 'spare_pct' => 5, 'lots' => [['lot' => 'A']]],
            [self::lot('A', 'beef-flank-steak', 12.0)],
            new Standard(Profile::Us),
        );
    }

    /**
     * @param  list<array{float, float}>  $rows  fat in %, price
     * @return list<BlendPart>
     */
    private static function parts(array $rows): array
    {
        return array_map(
            static fn (array $row, int $i): BlendPart => new BlendPart(chr(97 + $i), $row[0] / 100.0, $row[1], 3, 0.0, 1.0),
            $rows,
            array_keys($rows),
        );
    }

    /** @param  list<BlendPart>  $parts */
    private static function bestOfGrid(array $parts, float $from, float $to, BlendGoal $goal): ?float
    {
        $best = null;
        for ($i = 0; $i <= 50; $i++) {
            for ($j = 0; $j <= (count($parts) === 3 ? 50 - $i : 0); $j++) {
                $shares = count($parts) === 3 ? [$i / 50, $j / 50, (50 - $i - $j) / 50] : [$i / 50, (50 - $i) / 50];
                $fat = $worth = 0.0;
                foreach ($parts as $k => $part) {
                    if ($shares[$k] < $part->least - 1e-9 || $shares[$k] > $part->most + 1e-9) {
                        continue 2;
                    }
                    $fat += $shares[$k] * $part->fat;
                    $worth += $shares[$k] * ($goal === BlendGoal::Price ? -$part->costPerKg : $part->flavour);
                }
                $best = $fat >= $from - 1e-9 && $fat <= $to + 1e-9 ? max($best ?? -INF, $worth) : $best;
            }
        }

        return $best;
    }

    private static function lot(string $number, string $cut, float $price): Lot
    {
        $folder = DataFolder::shipped();

        return (new LotReader(Catalogue::from($folder), GradeTable::from($folder)))->read([
            'number' => $number,
            'cut' => $cut,
            'weight_g' => 5000,
            'price_per_kg' => $price,
        ]);
    }
}
