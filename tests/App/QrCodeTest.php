<?php

declare(strict_types=1);

namespace Tests\App;

use App\Services\QrCode;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use TCPDF2DBarcode;

final class QrCodeTest extends TestCase
{
    /** The reference library picks a mask its own way; under that mask both draw the same. */
    #[TestWith([14])]
    #[TestWith([26])]
    #[TestWith([42])]
    #[TestWith([50])]
    #[TestWith([83])]
    #[TestWith([106])]
    public function test_it_draws_what_the_reference_library_draws(int $bytes): void
    {
        $text = substr('https://nessmark.test/card/'.str_repeat('abcdefghijklmnopqrstuvwxyz', 4), 0, $bytes);
        $reference = array_map(
            static fn (array $row): array => array_map(static fn (int|string $each): bool => (bool) $each, array_values($row)),
            array_values((new TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray()['bcode']),
        );
        $mask = 0;
        foreach ([[2, 4], [3, 2], [4, 1]] as [$x, $worth]) {
            $mask |= $reference[8][$x] ? $worth : 0;
        }

        self::assertSame($reference, QrCode::of($text, $mask ^ 0b101)?->dark); // as the format is masked itself
    }

    public function test_it_picks_a_mask_and_leaves_a_quiet_zone(): void
    {
        $masked = array_map(static fn (int $mask): array => QrCode::of('nessmark', $mask)?->dark, range(0, 7));

        self::assertContains(QrCode::of('nessmark')?->dark, $masked);
        self::assertStringContainsString('viewBox="0 0 29 29"><path d="M4 4h1v1', (string) QrCode::of('nessmark')?->svg());
    }

    public function test_the_mask_it_picks_has_few_patterns_that_look_like_a_corner(): void
    {
        [$picked, $all] = [0, 0];
        for ($i = 0; $i < 30; $i++) {
            $text = 'https://nessmark.test/card/'.hash('md5', (string) $i);
            $picked += self::lookAlikes(QrCode::of($text)->dark ?? []);
            foreach (range(0, 7) as $mask) {
                $all += self::lookAlikes(QrCode::of($text, $mask)->dark ?? []);
            }
        }

        self::assertGreaterThan(0, $all);
        self::assertLessThan($all / 8 / 2, $picked, 'less than half of what a mask has by chance');
    }

    public function test_a_text_too_long_has_no_code(): void
    {
        self::assertNotNull(QrCode::of(str_repeat('a', 106)));
        self::assertNull(QrCode::of(str_repeat('a', 107)));
    }

    /** @param  list<list<bool>>  $dark */
    private static function lookAlikes(array $dark): int
    {
        $found = 0;
        foreach ([...$dark, ...array_map(null, ...$dark)] as $line) {
            $text = implode('', array_map(intval(...), $line));
            $found += substr_count($text, '10111010000') + substr_count($text, '00001011101');
        }

        return $found;
    }
}
