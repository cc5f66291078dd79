<?php

declare(strict_types=1);

namespace App\Services;

/**
 * A short text as a QR code of error level M, bytes, versions 1 to 6 (ISO/IEC 18004:2015; its tables from memory, every version checked
 * against a reference library in the tests).
 */
final readonly class QrCode
{
    /** Level M by version: error words a block, data words a block, blocks. All blocks of a version are as long. */
    private const BLOCKS = [1 => [10, 16, 1], [16, 28, 1], [26, 44, 1], [18, 32, 2], [24, 43, 2], [16, 27, 4]];

    private const QUIET = 4;

    /** @param  list<list<bool>>  $dark  rows of modules, without the quiet zone */
    private function __construct(public array $dark) {}

    /**
     * @param  int<0, 7>|null  $mask  null: the one that reads best
     * @return self|null  null for a text of more than 106 bytes
     */
    public static function of(string $text, ?int $mask = null): ?self
    {
        foreach (self::BLOCKS as $version => [$errors, $words, $blocks]) {
            if (strlen($text) <= $words * $blocks - 2) {
                $bits = self::bits($text, $errors, $words, $blocks);
                $masks = $mask === null ? range(0, 7) : [$mask];
                $drawn = array_map(static fn (int $each): array => self::draw(17 + 4 * $version, $bits, $each), $masks);
                usort($drawn, static fn (array $a, array $b): int => self::penalty($a) <=> self::penalty($b));

                return new self($drawn[0]);
            }
        }

        return null;
    }

    public function svg(): string
    {
        $path = '';
        foreach ($this->dark as $y => $row) {
            foreach (array_keys(array_filter($row)) as $x) {
                $path .= sprintf('M%d %dh1v1h-1z', $x + self::QUIET, $y + self::QUIET);
            }
        }
        $side = count($this->dark) + 2 * self::QUIET;

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %1$d"><path d="%2$s"/></svg>', $side, $path);
    }

    /** The text with its length, padding and error words, block by block in turns. */
    private static function bits(string $text, int $errors, int $words, int $blocks): string
    {
        $data = (string) hex2bin('4'.sprintf('%02x', strlen($text)).bin2hex($text).'0');
        $data = str_pad($data, $words * $blocks, "\xEC\x11");
        $split = array_map(
            static fn (string $block): array => array_values((array) unpack('C*', $block)),
            str_split($data, max(1, $words)),
        );
        $checks = array_map(static fn (array $block): array => self::errorWords($block, $errors), $split);
        $bits = '';
        foreach ([[$split, $words], [$checks, $errors]] as [$of, $count]) {
            for ($i = 0; $i < $count; $i++) {
                foreach ($of as $block) {
                    $bits .= sprintf('%08b', $block[$i]);
                }
            }
        }

        return $bits;
    }

    /**
     * Reed-Solomon over GF(256), the remainder by the generator polynomial.
     *
     * @param  list<int>  $block
     * @return list<int>
     */
    private static function errorWords(array $block, int $count): array
    {
        $generator = [1];
        for ($i = 0, $root = 1; $i < $count; $i++, $root = self::times($root, 2)) {
            $generator[] = 0;
            for ($j = count($generator) - 1; $j > 0; $j--) {
                $generator[$j] ^= self::times($generator[$j - 1], $root);
            }
        }
        $left = array_fill(0, $count, 0);
        foreach ($block as $word) {
            $factor = $word ^ (int) array_shift($left);
            $left[] = 0;
            foreach ($left as $j => $each) {
                $left[$j] = $each ^ self::times($generator[$j + 1], $factor);
            }
        }

        return $left;
    }

    private static function times(int $a, int $b): int
    {
        $product = 0;
        for (; $b > 0; $b >>= 1, $a = ($a << 1) ^ ($a > 127 ? 0x11D : 0)) {
            $product ^= ($b & 1) * $a;
        }

        return $product;
    }

    /** @return list<list<bool>> */
    private static function draw(int $side, string $bits, int $mask): array
    {
        $dark = self::fixed($side, $mask);
        $next = 0;
        $isUpward = true;
        for ($right = $side - 1; $right > 0; $right -= $right === 8 ? 3 : 2, $isUpward = ! $isUpward) {
            for ($i = 0; $i < 2 * $side; $i++) {
                $x = $right - ($i % 2);
                $y = $isUpward ? $side - 1 - intdiv($i, 2) : intdiv($i, 2);
                if (! isset($dark[$y][$x])) {
                    $dark[$y][$x] = (($bits[$next++] ?? '0') === '1') !== self::isMasked($mask, $x, $y);
                }
            }
        }

        return array_map(static function (array $row): array {
            ksort($row);

            return array_values($row);
        }, array_values($dark));
    }

    /**
     * Corners, timing, the alignment mark and the format, by row and column.
     *
     * @return array<int, array<int, bool>>
     */
    private static function fixed(int $side, int $mask): array
    {
        $dark = array_fill(0, $side, []);
        foreach ([[3, 3], [$side - 4, 3], [3, $side - 4]] as [$x, $y]) {
            self::square($dark, $x, $y, 4, [0, 1, 3]);
        }
        if ($side > 21) {
            self::square($dark, $side - 7, $side - 7, 2, [0, 2]);
        }
        for ($i = 8; $i < $side - 8; $i++) {
            $dark[6][$i] = $dark[$i][6] = $i % 2 === 0;
        }
        $dark[$side - 8][8] = true;
        $left = $mask << 10;
        for ($bit = 14; $bit >= 10; $bit--) {
            $left ^= (($left >> $bit) & 1) * (0x537 << ($bit - 10));
        }
        $format = (($mask << 10) | $left) ^ 0x5412;
        foreach ([0, 1, 2, 3, 4, 5, 7, 8] as $i => $y) {
            $dark[$y][8] = $dark[8][$side - 1 - $i] = (($format >> $i) & 1) === 1;
        }
        foreach ([7, 5, 4, 3, 2, 1, 0] as $i => $x) {
            $dark[8][$x] = $dark[$side - 7 + $i][8] = (($format >> (8 + $i)) & 1) === 1;
        }

        return $dark;
    }

    /**
     * @param  array<int, array<int, bool>>  $dark
     * @param  list<int>  $rings  the dark ones, by their distance from the middle
     */
    private static function square(array &$dark, int $x, int $y, int $reach, array $rings): void
    {
        for ($dy = -$reach; $dy <= $reach; $dy++) {
            for ($dx = -$reach; $dx <= $reach; $dx++) {
                if (isset($dark[$y + $dy]) && $x + $dx >= 0 && $x + $dx < count($dark)) {
                    $dark[$y + $dy][$x + $dx] = in_array(max(abs($dx), abs($dy)), $rings, true);
                }
            }
        }
    }

    private static function isMasked(int $mask, int $x, int $y): bool
    {
        return match ($mask) {
            0 => ($x + $y) % 2,
            1 => $y % 2,
            2 => $x % 3,
            3 => ($x + $y) % 3,
            4 => (intdiv($x, 3) + intdiv($y, 2)) % 2,
            5 => (($x * $y) % 2) + (($x * $y) % 3),
            6 => ((($x * $y) % 2) + (($x * $y) % 3)) % 2,
            default => ((($x + $y) % 2) + (($x * $y) % 3)) % 2,
        } === 0;
    }

    /**
     * How hard it reads: long runs, full squares, what looks like a corner, too dark or too light.
     *
     * @param  list<list<bool>>  $dark
     */
    private static function penalty(array $dark): int
    {
        $lines = array_map(
            static fn (array $line): string => implode('', array_map(static fn (bool $each): string => $each ? '1' : '0', $line)),
            [...$dark, ...array_map(null, ...$dark)],
        );
        $penalty = 0;
        foreach ($lines as $line) {
            preg_match_all('/(.)\1{4,}/', $line, $runs);
            $penalty += array_sum(array_map(static fn (string $run): int => strlen($run) - 2, $runs[0]));
            $penalty += 40 * preg_match_all('/(?=10111010000|00001011101)/', $line);
        }
        $side = count($dark);
        for ($y = 1; $y < $side; $y++) {
            for ($x = 1; $x < $side; $x++) {
                $sum = $dark[$y][$x] + $dark[$y - 1][$x] + $dark[$y][$x - 1] + $dark[$y - 1][$x - 1];
                $penalty += $sum % 4 === 0 ? 3 : 0;
            }
        }
        $count = array_sum(array_map(static fn (array $row): int => count(array_filter($row)), $dark));

        return $penalty + 10 * intdiv(abs($count * 20 - $side * $side * 10), $side * $side);
    }
}
