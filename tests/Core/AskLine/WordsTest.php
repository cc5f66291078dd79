<?php

declare(strict_types=1);

namespace Tests\Core\AskLine;

use Generator;
use Nessmark\AskLine\Chip;
use Nessmark\AskLine\ChipKind;
use Nessmark\Catalogue\Kinds;
use Nessmark\Contract\CounterDesk;
use Nessmark\Data\DataFolder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\TodaysCase;

/** Every word and figure the ask line knows, in both systems of units. Ounces, pounds and inches are exact by definition (1959). */
final class WordsTest extends TestCase
{
    /** @return Generator<string, array{string, ChipKind, string}> */
    public static function figures(): Generator
    {
        foreach (
            [
                '38mm' => '38',
                '38 mm' => '38',
                '3.8cm' => '38',
                '3,8 cm' => '38',
                '1.5in' => '38.1',
                '1 1/2 in' => '38.1',
                '1½in' => '38.1',
                '1½"' => '38.1',
                '2 inches' => '50.8',
                '.5in' => '12.7',
                '1 1/4in' => '31.75',
            ] as $said => $mm
        ) {
            yield $said => [$said, ChipKind::Thickness, $mm];
        }
        $weights = [
            '800g' => '800', '1.5 kg' => '1500', '2 lb' => '907.18', '8oz' => '226.8',
            '2 pounds' => '907.18', '1 1/2 lb' => '680.39',
        ];
        foreach ($weights as $said => $g) {
            yield $said => [$said, ChipKind::Weight, $g];
        }
        foreach (
            [
                '19:30' => '19:30',
                '7:30pm' => '19:30',
                '7pm' => '19:00',
                '7 pm' => '19:00',
                '12pm' => '12:00',
                'noon' => '12:00',
                '19h30' => '19:30',
            ] as $said => $clock
        ) {
            yield $said => [$said, ChipKind::Clock, $clock];
        }
        foreach (['in 30 min' => '1800', 'in 2 h' => '7200', 'in 1.5 hours' => '5400', 'in 45min' => '2700'] as $said => $s) {
            yield $said => [$said, ChipKind::Within, $s];
        }
        foreach (['budget 12' => '12', 'max 12.50' => '12.5', '€9 a head' => '9', 'budget 7,5' => '7.5'] as $said => $money) {
            yield $said => [$said, ChipKind::Budget, $money];
        }
        foreach (
            [
                'today' => '2026-11-25',
                'tonight' => '2026-11-25',
                'tomorrow' => '2026-11-26',
                'saturday' => '2026-11-28',
                'wednesday' => '2026-12-02',
                '2026-12-24' => '2026-12-24',
            ] as $said => $day
        ) {
            yield $said => [$said, ChipKind::Day, $day];
        }
        foreach (['under €9' => '9', '20 quid' => '20', '15 for all' => '15'] as $said => $money) {
            yield $said => [$said, ChipKind::InAll, $money];
        }
        foreach (['four' => '4', '7' => '7', 'for 8' => '8', '4 of us' => '4'] as $said => $count) {
            yield "count {$said}" => [(string) $said, ChipKind::Count, $count];
        }
        foreach (['dozen' => '12', '3x' => '3', 'a brace' => '2'] as $said => $pieces) {
            yield "pieces {$said}" => [$said, ChipKind::Pieces, $pieces];
        }
    }

    #[DataProvider('figures')]
    public function test_a_figure_is_read_with_its_unit(string $said, ChipKind $kind, string $value): void
    {
        $chips = TodaysCase::open()->line($said)->chips;

        self::assertSame([[$kind, $value]], array_map(static fn (Chip $chip): array => [$chip->kind, $chip->value], $chips));
    }

    /** @return Generator<string, array{string, string, ChipKind}> section of the words, and what they are chips of */
    public static function sections(): Generator
    {
        yield 'appetites' => ['appetites', 'usual', ChipKind::Appetite];
        yield 'doneness' => ['doneness', 'rare', ChipKind::Doneness];
        yield 'methods' => ['methods', 'braise', ChipKind::Method];
        yield 'appliances' => ['appliances', 'pan', ChipKind::Appliance];
        yield 'wants' => ['wants', 'cheap', ChipKind::Want];
    }

    #[DataProvider('sections')]
    public function test_every_word_of_the_file_is_read_as_what_it_stands_for(string $section, string $first, ChipKind $kind): void
    {
        $words = json_decode((string) file_get_contents(__DIR__.'/../../../core/data/lexicon/en.json'), true)[$section];
        self::assertArrayHasKey($first, $words);
        foreach ($words as $value => $said) {
            foreach ($said as $word) {
                $chips = TodaysCase::open()->line("19:30 {$word} ,")->chips;
                self::assertSame([$kind, (string) $value], [$chips[1]->kind, $chips[1]->value], $word);
                self::assertCount(2, $chips, $word);
            }
        }
    }

    public function test_every_kind_is_a_word_and_holds_some_cut(): void
    {
        $kinds = Kinds::from(DataFolder::shipped());
        foreach ($kinds->words() as $word) {
            self::assertContains(
                [ChipKind::Kind, $word],
                array_map(static fn (Chip $chip): array => [$chip->kind, $chip->value], TodaysCase::open()->line($word)->chips),
                $word,
            );
            self::assertNotSame(
                [],
                array_filter(TodaysCase::open()->catalogue->cuts(), static fn ($cut): bool => $kinds->kind($word)?->holds($cut) === true),
                $word,
            );
        }
    }

    public function test_a_name_of_the_counter_is_read_whole(): void
    {
        foreach (
            [
                'Feather blade, seam in' => 'feather blade',
                'venison haunch steak' => 'venison haunch steak',
                'butterflied leg' => 'butterflied leg',
                'sea bass whole' => 'sea bass whole',
            ] as $said => $name
        ) {
            $named = array_values(
                array_filter(
                    TodaysCase::open()->line("2 {$said} tomorrow")->chips,
                    static fn (Chip $chip): bool => $chip->kind === ChipKind::Named,
                ),
            );
            self::assertSame($name, $named[0]->value ?? null, $said);
        }
    }

    public function test_what_is_being_typed_is_offered_what_it_may_become(): void
    {
        $desk = CounterDesk::from(DataFolder::shipped());
        $offers = static fn (string $line): array => $desk->suggestions($line, TodaysCase::open()->catalogue);

        self::assertContains('braise', $offers('4 brai'));
        self::assertContains('lamb rump', array_map(static fn (string $offer): string => explode(',', $offer)[0], $offers('4 lamb rum')));
        self::assertSame([], $offers('4 pan')); // a whole word already
        self::assertSame([], $offers('4 b'));
        self::assertSame([], $offers('4 zzzz'));
    }

    public function test_the_line_is_bounded_and_nothing_in_it_breaks_the_reader(): void
    {
        foreach (
            [
                '',
                '   ',
                ',,,',
                '+++',
                str_repeat('9', 500),
                str_repeat('rib eye ', 100),
                "4 \u{1F969} steak",
                '<b>4</b>',
                "4\tsteak\n",
                'no',
                'in',
                'budget',
                '1/0 in',
                '99:99',
                '2026-02-31',
                '-5 steak',
                '0 steak',
                'no no no',
            ] as $line
        ) {
            $chips = TodaysCase::open()->line($line)->chips;
            self::assertLessThanOrEqual(200, count($chips));
            self::assertGreaterThan(0, TodaysCase::open()->line($line)->wish['diners'][0]['count'], $line);
        }
    }
}
