<?php

declare(strict_types=1);

namespace Tests\Core\AskLine;

use Generator;
use Nessmark\AskLine\Chip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Reference;
use Tests\Support\TodaysCase;

/** Who sits at the table and what is known of them goes to every dish they may eat. The lines are our own. */
final class TableTest extends TestCase
{
    /** @return Generator<string, array{string, string}> */
    public static function lines(): Generator
    {
        foreach (Reference::rows('tables') as $row) {
            yield $row['line'] => [$row['line'], $row['dishes']];
        }
    }

    #[DataProvider('lines')]
    public function test_what_is_known_of_a_person_is_lost_by_no_dish(string $line, string $expected): void
    {
        $read = TodaysCase::open()->line($line);
        $open = array_map(static fn (Chip $chip): string => $chip->text, $read->open());
        $dishes = array_map(self::eaters(...), $read->dishes);

        self::assertSame($expected, $open === [] ? implode(' // ', $dishes) : 'ask: '.implode(', ', $open));
    }

    public function test_one_appetite_is_for_all_the_dishes_it_eats(): void
    {
        $case = TodaysCase::open();
        $grams = static fn (string $line): float => $case->answer($line)->matches[0]->option->sale->need->toGrams();

        self::assertEqualsWithDelta($grams('skirt for 4') / 2.0, $grams('skirt and hanging tender for 4'), 1.0);
    }

    /** @param  array<string, mixed>  $wish */
    private static function eaters(array $wish): string
    {
        return implode(' | ', array_map(
            static fn (array $row): string => trim(implode(' ', [
                $row['count'],
                ...$row['at_risk'] ? ['at_risk'] : [],
                ...isset($row['under_one']) ? ['infant'] : (isset($row['child']) ? ['child'] : []),
                ...isset($row['doneness']) ? [$row['doneness']] : [],
                ...$wish['diets'] ?? [],
                ...$row['diets'] ?? [],
                ...array_map(static fn (string $word): string => "no {$word}", $row['avoid']),
            ])),
            $wish['diners'],
        ));
    }
}
