<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use LogicException;

/** Numbers of retail: check digits, in-store codes of what is weighed, and element strings. GS1 General Specifications, from memory. */
final readonly class Gs1
{
    /** Between what has no fixed length and what follows it. */
    public const FNC1 = "\u{1d}";

    /** Identifiers that begin so have a length of their own and need no FNC1 behind them. */
    private const FIXED = [
        '00',
        '01',
        '02',
        '03',
        '04',
        '11',
        '12',
        '13',
        '14',
        '15',
        '16',
        '17',
        '18',
        '19',
        '20',
        '31',
        '32',
        '33',
        '34',
        '35',
        '36',
        '41',
    ];

    private const WEIGHT_TABLES = [
        '2-' => [0, 2, 4, 6, 8, 9, 1, 3, 5, 7],
        '3' => [0, 3, 6, 9, 2, 5, 8, 1, 4, 7],
        '5+' => [0, 5, 1, 6, 2, 7, 3, 8, 4, 9],
        '5-' => [0, 5, 9, 4, 8, 3, 7, 2, 6, 1],
    ];

    private const ITEM_DIGITS = 5;

    private const FIGURE_DIGITS = 5;

    private function __construct() {}

    /** Weights 3, 1, 3 … from the right; what is missing to the next ten. */
    public static function checkDigit(string $digits): int
    {
        if (preg_match('/^\d+$/', $digits) !== 1) {
            throw new LogicException('Only digits have a check digit.');
        }
        $sum = 0;
        foreach (array_reverse(str_split($digits)) as $i => $digit) {
            $sum += (int) $digit * ($i % 2 === 0 ? 3 : 1);
        }

        return (10 - ($sum % 10)) % 10;
    }

    public static function isSound(string $number): bool
    {
        return preg_match('/^\d{8,18}$/', $number) === 1 && self::checkDigit(substr($number, 0, -1)) === (int) substr($number, -1);
    }

    /**
     * An EAN-13 for inside the shop: 20 to 29 or 02, five digits for what it is, five for its weight in g or its price in cents.
     *
     * @throws LogicException where a figure does not fit
     */
    public static function inStore(string $prefix, int $item, int $figure): string
    {
        $isInStore = preg_match('/^(02|2\d)$/', $prefix) === 1;
        if (! $isInStore || $item < 0 || $item >= 10 ** self::ITEM_DIGITS || $figure < 0 || $figure >= 10 ** self::FIGURE_DIGITS) {
            throw new LogicException('An in-store code has a prefix of 02 or 20 to 29, and five digits each for thing and figure.');
        }
        $digits = sprintf('%s%05d%05d', $prefix, $item, $figure);

        return $digits.self::checkDigit($digits);
    }

    /** The verifier of a price of four digits: weights 2-, 2-, 3, 5-, three times their sum. */
    public static function verifierOfFour(string $price): int
    {
        return (self::weighted($price, ['2-', '2-', '3', '5-']) * 3) % 10;
    }

    /** The verifier of a price of five digits: weights 5+, 2-, 5-, 5+, 2-; the digit whose 5- product fills the sum up to ten. */
    public static function verifierOfFive(string $price): int
    {
        $wanted = (10 - (self::weighted($price, ['5+', '2-', '5-', '5+', '2-']) % 10)) % 10;

        return (int) array_search($wanted, self::WEIGHT_TABLES['5-'], true);
    }

    /**
     * One string of element strings, FNC1 behind each that has no fixed length unless it is the last.
     *
     * @param  array<array-key, string>  $elements  data by identifier
     */
    public static function elements(array $elements): string
    {
        $string = '';
        $last = array_key_last($elements);
        foreach ($elements as $identifier => $data) {
            $isFixed = in_array(substr((string) $identifier, 0, 2), self::FIXED, true);
            $string .= $identifier.$data.($isFixed || $identifier === $last ? '' : self::FNC1);
        }

        return $string;
    }

    /** Net weight to the gram, as identifier 3103 has it. */
    public static function netWeight(int $grams): string
    {
        return $grams >= 0 && $grams < 10 ** 6
            ? sprintf('%06d', $grams)
            : throw new LogicException('Six digits hold less than a tonne.');
    }

    /** @param  list<string>  $tables */
    private static function weighted(string $price, array $tables): int
    {
        if (strlen($price) !== count($tables)) {
            throw new LogicException('A verifier is for a price of four or five digits.');
        }
        $sum = 0;
        foreach ($tables as $i => $table) {
            $sum += self::WEIGHT_TABLES[$table][(int) $price[$i]];
        }

        return $sum;
    }
}
