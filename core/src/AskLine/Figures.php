<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** Figures with their units: thickness, weight, clock, a span of time, a budget. Both systems of units; a comma counts as a point. */
final class Figures
{
    private const FRACTIONS = ['½' => '.5', '¼' => '.25', '¾' => '.75', '⅓' => '.333', '⅔' => '.667'];

    private function __construct() {}

    /**
     * @param  list<Word>  $words
     * @return array{ChipKind, string, int}|null
     */
    public static function at(array $words, int $at, Lexicon $lexicon): ?array
    {
        $word = $words[$at]->folded;
        $next = ($words[$at + 1] ?? null)?->folded;
        $clock = self::clock($word, $next, $lexicon);
        if ($clock !== null) {
            return $clock;
        }
        if ($lexicon->plays('budget', $word) && $next !== null && ($money = self::money($next)) !== null) {
            return [ChipKind::Budget, $money, $lexicon->plays('a_head', ($words[$at + 2] ?? null)?->folded) ? 3 : 2];
        }
        if ($lexicon->plays('within', $word) && $next !== null) {
            return self::within($words, $at + 1, $lexicon);
        }
        foreach ([[ChipKind::Thickness, 'mm'], [ChipKind::Weight, 'g']] as [$kind, $unit]) {
            $found = self::measured($words, $at, $lexicon->units($unit));
            if ($found !== null) {
                return [$kind, self::plain($found[0]), $found[1]];
            }
        }

        return null;
    }

    /** @return array{ChipKind, string, int}|null */
    private static function clock(string $word, ?string $next, Lexicon $lexicon): ?array
    {
        [$am, $pm] = [$lexicon->grammar('morning'), $lexicon->grammar('afternoon')];
        $half = in_array($next, [$am, $pm], true) ? $next : '';
        if (preg_match("/^(\\d{1,2})(?:[:.h](\\d\\d))?({$am}|{$pm})?$/", $word, $m) !== 1) {
            return $lexicon->plays('noon', $word) ? [ChipKind::Clock, '12:00', 1] : null;
        }
        $half = ($m[3] ?? '') !== '' ? $m[3] : $half;
        if (($m[2] ?? '') === '' && $half === '') {
            return null;
        }
        $hour = (int) $m[1] % ($half === '' ? 24 : 12) + ($half === $pm ? 12 : 0);
        if ((int) $m[1] > 23 || (int) ($m[2] ?? 0) > 59 || ($half !== '' && (int) $m[1] > 12) || str_contains($word, '.')) {
            return null;
        }

        return [ChipKind::Clock, sprintf('%02d:%02d', $hour, (int) ($m[2] ?? 0)), ($m[3] ?? '') === '' && $half !== '' ? 2 : 1];
    }

    /**
     * @param  list<Word>  $words
     * @return array{ChipKind, string, int}|null
     */
    private static function within(array $words, int $at, Lexicon $lexicon): ?array
    {
        $found = self::measured($words, $at, $lexicon->units('s'));

        return $found === null || $found[0] <= 0.0 ? null : [ChipKind::Within, self::plain($found[0]), $found[1] + 1];
    }

    /**
     * A number and its unit, in one word or two, with a fraction: 38mm, 1.5 in, 1 1/2 in, 1½".
     *
     * @param  list<Word>  $words
     * @param  array<string, float>  $units
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
