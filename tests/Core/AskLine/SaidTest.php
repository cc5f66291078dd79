<?php

declare(strict_types=1);

namespace Tests\Core\AskLine;

use Eris\Generators;
use Eris\TestTrait;
use Generator;
use Nessmark\AskLine\Chip;
use Nessmark\AskLine\ChipKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Heard;
use Tests\Support\Reference;
use Tests\Support\TodaysCase;

/** What people say at a counter, and that nothing of it is passed over. tests/Reference/lines.csv was written before the grammar. */
final class SaidTest extends TestCase
{
    use TestTrait;

    /** Sayings that may stand in any order, each with what of it must be in the wish. */
    private const SAYINGS = [
        'for 8' => ['n:8'], 'oven 180' => ['heat:180', 'on:oven'], '£10 a head' => ['ahead:10'], 'aged 28 days' => ['aged:28'],
        'bms 9' => ['grade:bms:9'], '180g each' => ['each:180'], '2 inch' => ['mm:50.8'], 'no rush' => ['want:unhurried'],
        'half seven' => ['at:11-25 19:30'], 'gluten free' => ['diet:gluten_free'], 'lamb rump' => ['cut:lamb-rump'],
        'not too fatty' => ['want:lean'], 'wild' => ['rearing:wild'], 'no bbq' => ['notOn:grill'], 'may order' => [],
    ];

    /** @return Generator<string, array{string, string}> */
    public static function lines(): Generator
    {
        foreach (Reference::rows('lines') as $row) {
            yield $row['line'] => [$row['line'], $row['reads']];
        }
    }

    #[DataProvider('lines')]
    public function test_a_line_as_people_say_it_is_read_as_they_mean_it(string $line, string $reads): void
    {
        self::assertSame(Heard::written($reads), Heard::of(TodaysCase::open()->line($line)));
    }

    public function test_no_saying_changes_its_meaning_by_where_it_stands(): void
    {
        $this->limitTo(150)
            ->forAll(Generators::subset(array_keys(self::SAYINGS)), Generators::choose(0, 1_000_000))
            ->then(function (array $sayings, int $shuffle): void {
                mt_srand($shuffle);
                shuffle($sayings);
                $heard = explode('; ', Heard::of(TodaysCase::open()->line(implode(' ', $sayings))));
                foreach ($sayings as $saying) {
                    self::assertSame([], array_diff(self::SAYINGS[$saying], $heard), implode(' ', $sayings));
                }
            });
    }

    public function test_every_word_ends_in_a_chip_and_one_that_is_not_understood_is_open(): void
    {
        $some = ['4', 'rib', 'eye', 'zqxv', 'oven', '180', 'half', 'for', 'vlkr', 'pink', '7', 'or', 'no'];
        $this->limitTo(150)
            ->forAll(Generators::seq(Generators::elements($some)))
            ->then(function (array $words): void {
                $words = array_slice($words, 0, 24);
                $chips = TodaysCase::open()->line(implode(' ', $words))->chips;
                self::assertSame(implode(' ', $words), implode(' ', array_map(static fn (Chip $chip): string => $chip->text, $chips)));
                foreach ($chips as $chip) {
                    $isStrange = array_intersect(explode(' ', $chip->text), ['zqxv', 'vlkr']) !== [];
                    self::assertTrue(! $isStrange || $chip->isOpen(), $chip->text);
                }
            });
    }

    public function test_adding_each_never_lowers_the_weight(): void
    {
        foreach (['200g burgers', '8oz rump steak', '180 g salmon', '1 lb mince'] as $said) {
            foreach ([2, 4, 7] as $heads) {
                $g = static function (string $line): float {
                    $sale = TodaysCase::open()->answer($line)->matches[0]->option->sale ?? null;

                    return $sale === null ? 0.0 : $sale->raw()->toGrams();
                };
                $amount = preg_replace('/^(\S+(?: g| lb)?) /', '$1 each ', $said);
                self::assertGreaterThanOrEqual($g("{$said} for {$heads}"), $g("{$amount} for {$heads}"), $said);
            }
        }
    }

    public function test_what_may_be_meant_is_offered_with_the_question(): void
    {
        $open = static fn (string $line): ?Chip => TodaysCase::open()->line($line)->open()[0] ?? null;

        self::assertSame(['tomorrow 08:00', '20:00'], $open('steak 8:00')?->suggestions);
        self::assertSame(['oven 425F'], $open('lamb oven 425')?->suggestions);
        self::assertSame('asks.past_scale', $open('bms 13 rib eye')?->asks?->key);
        self::assertSame('asks.which', $open('rump 8oz 300g')?->asks?->key);
        self::assertSame(ChipKind::Unknown, $open('4 ostrich')?->kind);
        self::assertSame(['medium'], $open('2 rib eye mediun')?->suggestions); // one letter away: taken, and marked
    }
}
