<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** Figures with their units: thickness, weight, clock, a span of time, a budget. Both systems of units; a comma counts as a point. */
final class Figures
{
    private const MM = ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'inch' => 25.4, 'inches' => 25.4, '"' => 25.4, '″' => 25.4];

    /** Exact: the international avoirdupois pound, 1959. */
    private const G = ['g' => 1.0, 'kg' => 1000.0, 'kilo' => 1000.0, 'kilos' => 1000.0, 'oz' => 28.349523125, 'lb' => 453.59237, 'lbs' => 453.59237, 'pound' => 453.59237, 'pounds' => 453.59237];

    private const S = ['min' => 60, 'mins' => 60, 'minutes' => 60, 'minute' => 60, 'h' => 3600, 'hour' => 3600, 'hours' => 3600, 'hr' => 3600, 'hrs' => 3600];

    private const FRACTIONS = ['½' => '.5', '¼' => '.25', '¾' => '.75', '⅓' => '.333', '⅔' => '.667'];

    private function __construct() {}

    /**
     * @param  list<Word>  $words
     * @return array{ChipKind, string, int}|null
     */
    public static function at(array $words, int $at): ?array
    {
        $word = $words[$at]->folded;
        $next = ($words[$at + 1] ?? null)?->folded;
        $clock = self::clock($word, $next);
        if ($clock !== null) {
            return $clock;
        }
        if (in_array($word, ['budget', 'max', 'maximum', 'under', 'upto'], true) && $next !== null && ($money = self::money($next)) !== null) {
            return [ChipKind::Budget, $money, in_array(($words[$at + 2] ?? null)?->folded, ['each', 'head'], true) ? 3 : 2];
        }
        if ($word === 'in' && $next !== null) {
            return self::within($words, $at + 1);
        }
        foreach ([[ChipKind::Thickness, self::MM], [ChipKind::Weight, self::G]] as [$kind, $units]) {
            $found = self::measured($words, $at, $units);
            if ($found !== null) {
                return [$kind, self::plain($found[0]), $found[1]];
            }
        }

        return null;
    }

    /** @return array{ChipKind, string, int}|null */
    private static function clock(string $word, ?string $next): ?array
    {
        $half = in_array($next, ['am', 'pm'], true) ? $next : '';
        if (preg_match('/^(\d{1,2})(?:[:.h](\d\d))?(am|pm)?$/', $word, $m) !== 1) {
            return $word === 'noon' ? [ChipKind::Clock, '12:00', 1] : null;
        }
        $half = ($m[3] ?? '') !== '' ? $m[3] : $half;
        if (($m[2] ?? '') === '' && $half === '') {
            return null;
        }
        $hour = (int) $m[1] % ($half === '' ? 24 : 12) + ($half === 'pm' ? 12 : 0);
        if ((int) $m[1] > 23 || (int) ($m[2] ?? 0) > 59 || ($half !== '' && (int) $m[1] > 12) || str_contains($word, '.')) {
            return null;
        }

        return [ChipKind::Clock, sprintf('%02d:%02d', $hour, (int) ($m[2] ?? 0)), ($m[3] ?? '') === '' && $half !== '' ? 2 : 1];
    }

    /**
     * @param  list<Word>  $words
     * @return array{ChipKind, string, int}|null
     */
    private static function within(array $words, int $at): ?array
    {
        $found = self::measured($words, $at, self::S);

        return $found === null || $found[0] <= 0.0 ? null : [ChipKind::Within, self::plain($found[0]), $found[1] + 1];
    }

    /**
     * A number and its unit, in one word or two, with a fraction: 38mm, 1.5 in, 1 1/2 in, 1½".
     *
     * @param  list<Word>  $words
     * @param  array<string, float|int>  $units
     * @return array{float, int}|null in the first unit, and how many words it took
     */
    private static function measured(array $words, int $at, array $units): ?array
    {
        $text = strtr($words[$at]->folded, self::FRACTIONS);
        $unit = implode('|', array_map(preg_quote(...), array_keys($units)));
        if (preg_match("/^(\\d*[.,]?\\d+)({$unit})$/u", $text, $m) === 1) {
            return [(float) str_replace(',', '.', $m[1]) * $units[$m[2]], 1];
        }
        $next = $words[$at + 1]->folded ?? '';
        if (preg_match('/^\d*[.,]?\d+$/', $text) !== 1) {
            return null;
        }
        $number = (float) str_replace(',', '.', $text);
        if (isset($units[$next])) {
            return [$number * $units[$next], 2];
        }
        $after = $words[$at + 2]->folded ?? '';
        if (preg_match('~^(\d)/(\d)('.$unit.')?$~u', $next, $m) === 1 && (int) $m[2] > 0 && isset($units[$m[3] ?? $after])) {
            return [($number + (int) $m[1] / (int) $m[2]) * $units[$m[3] ?? $after], isset($m[3]) ? 2 : 3];
        }

        return null;
    }

    private static function money(string $word): ?string
    {
        $bare = trim($word, '€$£');

        return preg_match('/^\d{1,5}(?:[.,]\d{1,2})?$/', $bare) === 1 ? self::plain((float) str_replace(',', '.', $bare)) : null;
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
