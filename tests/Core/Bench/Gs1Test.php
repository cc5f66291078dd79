<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use LogicException;
use Nessmark\Bench\Ean13Bars;
use Nessmark\Bench\Gs1;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

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
        self::assertSame(
            ['1000010', '1000010', '1000010', '1110100', '1000010', '1100110'],
            str_split(substr($bars, 50, 42), 7),
        );
    }
}
