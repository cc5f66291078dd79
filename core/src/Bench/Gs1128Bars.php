<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use LogicException;

/**
 * An element string as bars: GS1-128, which is Code 128 with FNC1 behind its start (ISO/IEC 15417; its patterns from memory, each of eleven
 * modules with an even number of dark ones). Four digits or more go two to a sign.
 */
final readonly class Gs1128Bars
{
    /** Widths of bar and gap in turn, of the values 0 to 106; the last one stops. */
    private const PATTERNS = '212222 222122 222221 121223 121322 131222 122213 122312 132212 221213 221312 231212 112232 122132 122231 '.
        '113222 123122 123221 223211 221132 221231 213212 223112 312131 311222 321122 321221 312212 322112 322211 212123 212321 232121 '.
        '111323 131123 131321 112313 132113 132311 211313 231113 231311 112133 112331 132131 113123 113321 133121 313121 211331 231131 '.
        '213113 213311 213131 311123 311321 331121 312113 312311 332111 314111 221411 431111 111224 111422 121124 121421 141122 141221 '.
        '112214 112412 122114 122411 142112 142211 241211 221114 413111 241112 134111 111242 121142 121241 114212 124112 124211 411212 '.
        '421112 421211 212141 214121 412121 111143 111341 131141 114113 114311 411113 411311 113141 114131 311141 411131 211412 211214 '.
        '211232 2331112';

    private const START_B = 104;

    private const START_C = 105;

    private const TO_C = 99;

    private const TO_B = 100;

    private const FNC1 = 102;

    private const STOP = 106;

    private const MODULUS = 103;

    private const FIRST_OF_B = 32;

    private const LAST_OF_B = 126;

    private function __construct() {}

    /**
     * @param  string  $elements  by Gs1::elements
     * @return string its modules from the left, 1 for dark
     *
     * @throws LogicException for a sign that has no bars
     */
    public static function of(string $elements): string
    {
        $values = self::values($elements);
        $sum = $values[0];
        foreach (array_slice($values, 1) as $i => $value) {
            $sum += ($i + 1) * $value;
        }
        $patterns = explode(' ', self::PATTERNS);
        $modules = '';
        foreach ([...$values, $sum % self::MODULUS, self::STOP] as $value) {
            foreach (str_split($patterns[$value]) as $i => $width) {
                $modules .= str_repeat($i % 2 === 0 ? '1' : '0', (int) $width);
            }
        }

        return $modules;
    }

    /** @return non-empty-list<int> the start, FNC1 and what stands behind */
    public static function values(string $elements): array
    {
        $isInC = preg_match('/^\d{4}/', $elements) === 1;
        $values = [$isInC ? self::START_C : self::START_B, self::FNC1];
        $at = 0;
        while ($at < strlen($elements)) {
            $digits = strspn($elements, '0123456789', $at);
            $isPair = $digits >= ($isInC ? 2 : 4);
            if ($elements[$at] === Gs1::FNC1) {
                $values[] = self::FNC1;
                $at++;
            } elseif ($isPair) {
                $values = $isInC ? $values : [...$values, self::TO_C];
                $values[] = (int) substr($elements, $at, 2);
                [$isInC, $at] = [true, $at + 2];
            } else {
                $values = $isInC ? [...$values, self::TO_B] : $values;
                $values[] = self::valueOf($elements[$at]);
                [$isInC, $at] = [false, $at + 1];
            }
        }

        return $values;
    }

    private static function valueOf(string $sign): int
    {
        $code = ord($sign);

        return $code >= self::FIRST_OF_B && $code <= self::LAST_OF_B
            ? $code - self::FIRST_OF_B
            : throw new LogicException('A label has bars for plain signs only.');
    }
}
