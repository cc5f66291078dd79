<?php

declare(strict_types=1);

namespace Tests\Core\AskLine;

use DateTimeImmutable;
use Generator;
use Nessmark\AskLine\Chip;
use Nessmark\AskLine\ChipKind;
use Nessmark\AskLine\Lexicon;
use Nessmark\AskLine\LineWriter;
use Nessmark\Data\DataFolder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Support\TodaysCase;

/** The ask line: docs/ask-line.md has the grammar, every row of its examples is one here. */
final class LineTest extends TestCase
{
    /** @return Generator<string, array{string, array<string, mixed>}> */
    public static function lines(): Generator
    {
        $of = static fn (int $count, array $more = []): array => [
            'count' => $count,
            'appetite' => 'usual',
            'at_risk' => false,
            ...$more,
            'avoid' => $more['avoid'] ?? [],
        ];
        yield 'all at once' => [
            '4 rib steak 38mm mr gas 19:30 no mustard budget 12',
            [
                'diners' => [$of(4, ['doneness' => 'medium_rare', 'avoid' => ['mustard']])],
                'named' => 'rib steak',
                'appliances' => ['grill'],
                'fires' => ['grill' => 'gas'],
                'thickness_mm' => 38.0,
                'budget' => 12.0,
                'eat_at' => '2026-11-25T19:30:00+01:00',
            ],
        ];
        yield 'loosely' => [
            'something for a braise tomorrow, 6, cheap, one pregnant',
            [
                'diners' => [$of(5), $of(1, ['at_risk' => true])],
                'wants' => ['cheap'],
                'methods' => ['braise'],
                'eat_at' => '2026-11-26T19:00:00+01:00',
            ],
        ];
        yield 'numbers that add up' => [
            '3 pink 1 medium lamb rump iron+oven 7:30pm',
            [
                'diners' => [$of(3, ['doneness' => 'pink']), $of(1, ['doneness' => 'medium'])],
                'named' => 'lamb rump',
                'appliances' => ['pan', 'oven'],
                'fires' => ['pan' => 'cast_iron'],
                'eat_at' => '2026-11-25T19:30:00+01:00',
            ],
        ];
        yield 'some apart from the table' => [
            'two ribeyes 1 1/2 in medium rare on the bbq tonight, one well done no chilli',
            [
                'diners' => [$of(1, ['doneness' => 'medium_rare']), $of(1, ['doneness' => 'well', 'avoid' => ['chilli']])],
                'named' => 'ribeyes',
                'pieces' => 2,
                'appliances' => ['grill'],
                'thickness_mm' => 38.1,
                'eat_at' => '2026-11-25T19:00:00+01:00',
            ],
        ];
        yield 'by weight' => ['2 lb mince', ['diners' => [$of(1)], 'kinds' => ['mince'], 'raw_g' => 907.18]];
        yield 'within' => [
            '2 quick fish pan in 25 min',
            [
                'diners' => [$of(2)],
                'kinds' => ['fish'],
                'wants' => ['quick'],
                'appliances' => ['pan'],
                'eat_at' => '2026-11-25T10:25:00+01:00',
            ],
        ];
        yield 'a weekday' => [
            '6 hearty 2 small chicken legs oven saturday 13:00',
            [
                'diners' => [[...$of(6), 'appetite' => 'hearty'], [...$of(2), 'appetite' => 'small']],
                'named' => 'chicken legs',
                'appliances' => ['oven'],
                'eat_at' => '2026-11-28T13:00:00+01:00',
            ],
        ];
    }

    /** @param  array<string, mixed>  $wish */
    #[DataProvider('lines')]
    public function test_a_line_is_read(string $line, array $wish): void
    {
        self::assertEquals($wish, TodaysCase::open()->line($line)->wish);
    }

    public function test_no_word_is_dropped_what_is_not_known_is_marked(): void
    {
        $line = '4 qwz rib eye no mustrd blarg 38mm';
        $chips = TodaysCase::open()->line($line)->chips;

        self::assertSame($line, implode(' ', array_map(static fn (Chip $chip): string => $chip->text, $chips)));
        self::assertSame(
            ['qwz', 'blarg'],
            array_values(
                array_map(
                    static fn (Chip $c): string => $c->text,
                    array_filter($chips, static fn (Chip $c): bool => $c->kind === ChipKind::Unknown),
                ),
            ),
        );
        $avoid = array_values(array_filter($chips, static fn (Chip $c): bool => $c->kind === ChipKind::Avoid))[0];
        self::assertSame('mustrd', $avoid->value); // kept, in case it is right
        self::assertContains('mustard', $avoid->suggestions);
    }

    public function test_chips_say_where_in_the_line_they_stand(): void
    {
        $line = '2 côte à l’os, mr gas';
        foreach (TodaysCase::open()->line($line)->chips as $chip) {
            self::assertSame($chip->text, mb_substr($line, $chip->from, $chip->to - $chip->from));
        }
    }

    public function test_written_back_it_is_read_as_the_same_again(): void
    {
        $writer = new LineWriter(Lexicon::from(DataFolder::shipped()));
        $now = new DateTimeImmutable(TodaysCase::NOW);
        $words = [
            '4',
            '2 pink',
            '1 well',
            'one pregnant',
            'two hearty',
            'rib eye',
            'lamb rump',
            'steak',
            'fish',
            '38mm',
            '1.5in',
            'mr',
            'medium',
            'gas',
            'iron+oven',
            'pressure pot',
            'induction',
            'braise',
            'sous vide',
            'cheap',
            'special',
            'easy',
            'budget 12.50',
            'max 9',
            '19:30',
            'tomorrow',
            'tomorrow 13:00',
            'saturday',
            'in 2 h',
            'no mustard',
            'no pork',
            'may order',
            '1.5 kg',
            'kids',
            'zzz',
            '2 pork chops',
            '4x 200g burgers',
            '180g each',
            'half a lamb shoulder',
            'oven 180',
            '54C',
            '20 quid',
            'prime',
            'aged 28 days',
            'wild',
            'stew',
            'like venison',
            'no bbq',
            'gluten free',
            'boneless',
            'or hanger',
            'from tarnholm',
        ];
        $draw = new Randomizer(new Xoshiro256StarStar(5));
        for ($i = 0; $i < 300; $i++) {
            $line = implode(' ', array_slice($draw->shuffleArray($words), 0, $draw->getInt(1, 9)));
            $wish = TodaysCase::open()->line($line)->wish;
            $wish = self::sorted($wish);
            foreach ([false, true] as $isImperial) {
                $written = $writer->write($wish, $now, $isImperial);
                $again = self::sorted(TodaysCase::open()->line($written)->wish);
                foreach (['thickness_mm' => 0.2, 'raw_g' => 5.0, 'each_g' => 5.0] as $figure => $delta) {
                    // inches and pounds are written with two decimals
                    self::assertEqualsWithDelta(
                        $wish[$figure] ?? 0.0,
                        $again[$figure] ?? 0.0,
                        $isImperial ? $delta : 0.0,
                        "{$line} → {$written}",
                    );
                    unset($again[$figure]);
                }
                $exact = array_diff_key($wish, ['thickness_mm' => 0, 'raw_g' => 0, 'each_g' => 0]);
                self::assertEquals($exact, $again, "{$line} → {$written}");
                self::assertSame($written, $writer->write(TodaysCase::open()->line($written)->wish, $now, $isImperial), $line);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $wish
     * @return array<string, mixed> any of several ways to cook will do, so their order says nothing
     */
    private static function sorted(array $wish): array
    {
        if (isset($wish['methods'])) {
            sort($wish['methods']);
        }

        return $wish;
    }

    public function test_an_hour_that_is_past_is_no_hour(): void
    {
        self::assertArrayNotHasKey('eat_at', TodaysCase::open()->line('2 rib eye 9:30')->wish);
    }
}
