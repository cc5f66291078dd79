<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use LogicException;
use Nessmark\Bench\Ean13Bars;
use Nessmark\Bench\Gs1;
use Nessmark\Bench\Gs1128Bars;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use ReflectionClassConstant;

/** GS1 General Specifications: check digits, verifiers, element strings; numbers known to be valid. */
final class Gs1Test extends TestCase
{
    #[TestWith(['4006381333931'])]
    #[TestWith(['9780306406157'])]
    #[TestWith(['036000291452'])]
    #[TestWith(['73513537'])]
    #[TestWith(['96385074'])]
    #[TestWith(['106141411234567897'])]
    #[TestWith(['10012345000017'])]
    public function test_known_numbers_are_sound_and_no_other_last_digit_is(string $number): void
    {
        self::assertTrue(Gs1::isSound($number));
        foreach (range(0, 9) as $digit) {
            self::assertSame((int) substr($number, -1) === $digit, Gs1::isSound(substr($number, 0, -1).$digit));
        }
    }

    public function test_what_is_weighed_has_a_code_inside_the_shop(): void
    {
        self::assertSame('2112345015996', Gs1::inStore('21', 12345, 1599));
        self::assertSame('0254321007501', Gs1::inStore('02', 54321, 750));
        self::assertSame('2877777123458', Gs1::inStore('28', 77777, 12345));
        $this->expectException(LogicException::class);
        Gs1::inStore('21', 1, 100_000); // a price or weight that does not fit is never cut short
    }

    #[TestWith(['2875', 9])]
    #[TestWith(['0999', 5])]
    #[TestWith(['1250', 3])]
    #[TestWith(['14685', 6])]
    #[TestWith(['00999', 5])]
    #[TestWith(['12500', 4])]
    public function test_a_price_has_its_verifier(string $price, int $verifier): void
    {
        self::assertSame($verifier, strlen($price) === 4 ? Gs1::verifierOfFour($price) : Gs1::verifierOfFive($price));
    }

    public function test_elements_are_parted_only_where_they_must_be(): void
    {
        self::assertSame(
            '01100123450000173103001234'.'15250131'.'10LOT42',
            Gs1::elements(['01' => '10012345000017', '3103' => Gs1::netWeight(1234), '15' => '250131', '10' => 'LOT42']),
        );
        self::assertSame('10LOT42'.Gs1::FNC1.'3103001234', Gs1::elements(['10' => 'LOT42', '3103' => Gs1::netWeight(1234)]));
    }

    /** ISO/IEC 15420: 95 modules; 4006381333931 begins LGLLGG by its first digit. */
    public function test_the_bars_can_be_read_back(): void
    {
        $bars = Ean13Bars::of('4006381333931');

        self::assertSame(95, strlen($bars));
        self::assertSame(['101', '01010', '101'], [substr($bars, 0, 3), substr($bars, 45, 5), substr($bars, -3)]);
        self::assertSame('0001101'.'0100111'.'0101111'.'0111101'.'0001001'.'0110011', substr($bars, 3, 42));
        self::assertSame(['1000010', '1000010', '1000010', '1110100', '1000010', '1100110'], str_split(substr($bars, 50, 42), 7));
    }

    /**
     * ISO/IEC 15417: every sign is eleven modules of three bars and three gaps, an even number of them dark; no two are alike. Read back by
     * a decoder of our own: the start, the values, and the sum over them to 103.
     */
    public function test_an_element_string_has_bars_that_are_read_back_as_it(): void
    {
        $patterns = array_map(static fn (int $value): string => self::pattern($value), range(0, 105));
        self::assertCount(106, array_unique($patterns));
        foreach ($patterns as $value => $pattern) {
            self::assertSame(11, strlen($pattern), (string) $value);
            self::assertSame(0, substr_count($pattern, '1') % 2, (string) $value);
            self::assertMatchesRegularExpression('/^1+0+1+0+1+0+$/', $pattern);
        }
        $fnc1 = Gs1::FNC1;
        foreach (['310300123417310203', "10LOT-7/a{$fnc1}3103001234", '10A', '21x'.str_repeat('9', 7)] as $elements) {
            self::assertSame($elements, self::readBack(Gs1128Bars::of($elements), $patterns));
        }
        // GS1 General Specifications: digits two by two behind start C, so that a weight and a date are ten signs
        self::assertSame([105, 102, 31, 3, 0, 12, 34, 17, 31, 2, 3], Gs1128Bars::values('310300123417310203'));
        $this->expectException(LogicException::class);
        Gs1128Bars::of('10É');
    }

    /** The modules of one value, cut out of a symbol that has it as its only sign of data. */
    private static function pattern(int $value): string
    {
        $patterns = explode(' ', (string) (new ReflectionClassConstant(Gs1128Bars::class, 'PATTERNS'))->getValue());
        $modules = '';
        foreach (str_split($patterns[$value]) as $i => $width) {
            $modules .= str_repeat($i % 2 === 0 ? '1' : '0', (int) $width);
        }

        return $modules;
    }

    /** @param  list<string>  $patterns */
    private static function readBack(string $modules, array $patterns): string
    {
        self::assertStringEndsWith('1100011101011', $modules);
        $values = array_map(
            static fn (string $sign): int => (int) array_search($sign, $patterns, true),
            str_split(substr($modules, 0, -13), 11),
        );
        $check = array_pop($values);
        $sum = $values[0];
        foreach (array_slice($values, 1) as $i => $value) {
            $sum += ($i + 1) * $value;
        }
        self::assertSame($sum % 103, $check);
        $isInC = $values[0] === 105;
        $read = '';
        foreach (array_slice($values, 2) as $value) {
            [$isInC, $read] = match (true) {
                $value === 102 => [$isInC, $read.Gs1::FNC1],
                $isInC && $value === 100 => [false, $read],
                ! $isInC && $value === 99 => [true, $read],
                $isInC => [true, $read.sprintf('%02d', $value)],
                default => [false, $read.chr($value + 32)],
            };
        }

        return $read;
    }
}
