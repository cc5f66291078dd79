<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/**
 * One line of a counter scale: "17 still 934 12 07", its number, what the pan does, net and tare in g, and a sum over what stands before
 * it. devices/README.md has the protocol.
 */
final readonly class ScaleReading
{
    public const STILL = 'still';

    public const MOVING = 'moving';

    public const OVER = 'over';

    public const UNDER = 'under';

    private const FORM = '/^((\d{1,9}) (still|moving|over|under) (-?\d{1,6}) (\d{1,6})) ([0-9a-f]{2})$/D';

    private function __construct(public int $number, public string $pan, public int $netG, public int $tareG) {}

    /** @return self|null null for a line that is torn, mistyped or whose sum is wrong: nothing is made of it */
    public static function of(string $line): ?self
    {
        if (preg_match(self::FORM, $line, $part) !== 1 || self::sum($part[1]) !== $part[6]) {
            return null;
        }

        return new self((int) $part[2], $part[3], (int) $part[4], (int) $part[5]);
    }

    /** All bytes put together by exclusive or, turned by one each time so that two that change places are seen. */
    public static function sum(string $text): string
    {
        $sum = 0;
        foreach (str_split($text) as $sign) {
            $sum = ((($sum << 1) | ($sum >> 7)) & 0xFF) ^ ord($sign);
        }

        return sprintf('%02x', $sum);
    }
}
