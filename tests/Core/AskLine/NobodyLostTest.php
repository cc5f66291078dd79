<?php

declare(strict_types=1);

namespace Tests\Core\AskLine;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Tests\Support\TodaysCase;

/** However a meal is parted, ordered or merged, every dish is for the same people: what is known of each of them is in each. */
final class NobodyLostTest extends TestCase
{
    use TestTrait;

    private const MEATS = ['rib eye', 'salmon loin', 'lamb chops', 'pork tenderloin', 'chicken thighs'];

    /** Said of one person, and what has to be known of them. */
    private const PEOPLE = [
        'one pregnant' => ['at_risk' => true],
        'one at risk' => ['at_risk' => true],
        'one a toddler' => ['at_risk' => true, 'child' => true],
        'one is a child' => ['child' => true],
        'one no mustard' => ['avoid' => ['mustard']],
        'one coeliac' => ['diets' => ['gluten_free']],
        'one halal' => ['diets' => ['halal']],
        'one vegetarian' => ['diets' => ['vegetarian']],
        'one no nuts no celery' => ['diets' => ['nut_free'], 'avoid' => ['celery']],
    ];

    /** 200 tables here; the seed is the suite's, and NESSMARK_TABLES=20000 makes as many. */
    public function test_parting_ordering_and_merging_dishes_changes_nothing_about_a_person(): void
    {
        $this->limitTo((int) (getenv('NESSMARK_TABLES') ?: 200))
            ->forAll(
                Generators::choose(0, 9999),
                Generators::choose(1, 3),
                Generators::choose(0, 3),
                Generators::choose(0, 8),
            )
            ->then(function (int $seed, int $dishes, int $people, int $more): void {
                $meats = self::some(self::MEATS, $dishes, $seed);
                $said = self::some(array_keys(self::PEOPLE), $people, intdiv($seed, 7));
                $heads = 1 + $people + $more;
                $lines = [
                    implode(' and ', $meats)." for {$heads}".implode('', array_map(static fn (string $of): string => ", {$of}", $said)),
                    implode(' and ', array_reverse($meats))." for {$heads}".
                        implode('', array_map(static fn (string $of): string => ", {$of}", array_reverse($said))),
                    "for {$heads}".implode('', array_map(static fn (string $of): string => ", {$of}", $said)).', '.implode(' and ', $meats),
                ];
                $expected = self::known(array_map(static fn (string $of): array => self::PEOPLE[$of], $said));
                foreach ($lines as $line) {
                    $read = TodaysCase::open()->line($line);
                    self::assertCount($dishes, $read->dishes, $line);
                    foreach ($read->dishes as $wish) {
                        self::assertSame($expected, self::known($wish['diners']), $line);
                        self::assertGreaterThanOrEqual($heads, array_sum(array_column($wish['diners'], 'count')), $line);
                    }
                }
            });
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T>
     */
    private static function some(array $of, int $count, int $seed): array
    {
        $some = [];
        for (; $count > 0; $count--) {
            $at = $seed % count($of);
            $some[] = $of[$at];
            unset($of[$at]);
            $of = array_values($of);
            $seed = intdiv($seed, 3) + 1;
        }

        return $some;
    }

    /**
     * @param  array<array-key, array<string, mixed>>  $rows
     * @return list<string> what is known of whom, in the order of the alphabet
     */
    private static function known(array $rows): array
    {
        $known = [];
        foreach ($rows as $row) {
            $facts = [
                ...($row['at_risk'] ?? false) ? ['risk'] : [],
                ...($row['child'] ?? false) ? ['child'] : [],
                ...$row['diets'] ?? [],
                ...$row['avoid'] ?? [],
            ];
            $known = $facts === [] ? $known : [...$known, implode(' ', $facts)];
        }
        sort($known);

        return $known;
    }
}
