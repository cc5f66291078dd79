<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** What may stand in a slot of a pattern: {n}, {num}, {mm}, {temp} … Both systems of units; a comma counts as a point. */
final class Slots
{
    private const FRACTIONS = ['½' => '.5', '¼' => '.25', '¾' => '.75', '⅓' => '.333', '⅔' => '.667'];

    /** @var array<string, string> the words of each unit, as a pattern */
    private array $alternatives = [];

    public function __construct(private readonly Lexicon $lexicon) {}

    /**
     * @param  list<Word>  $words
     * @param  string  $language  of the pattern: number words are read in it alone
     * @return array{string, int}|null its value, and how many words it took
     */
    public function at(string $slot, array $words, int $at, string $language): ?array
    {
        $word = $words[$at]->folded;
        $one = static fn (int|float|string|null $value): ?array => $value === null ? null : [(string) $value, 1];

        return match ($slot) {
            'n' => $one($this->lexicon->number($word, $language)),
            'nx' => $this->times($words, $at),
            'num' => $one(preg_match('/^\d{1,4}(?:[.,]\d{1,2})?$/', $word) === 1 ? self::plain(self::decimal($word)) : null),
            'hour' => $this->hour($word, $language),
            'clock' => $this->clock($words, $at),
            'cash' => $this->cash($words, $at),
            'money' => $this->cash($words, $at) ?? $this->at('num', $words, $at, $language),
            'mm', 'g', 's' => $this->measured($words, $at, $slot),
            'temp' => $this->temperature($words, $at),
            'weekday' => $one($this->lexicon->placeIn('weekdays', $word)),
            'month' => ($this->lexicon->longest($words, $at)->length ?? 1) > 1 ? null : $one($this->lexicon->placeIn('months', $word)),
            'date' => $one(preg_match('/^\d{4}-\d\d-\d\d$/', $word) === 1 ? $word : null),
            'grade' => $one(self::grade($word)),
            'word' => $one($this->isFood($words[$at]) ? $word : null),
            default => null,
        };
    }

    /** Any word, but none that only joins others or counts. */
    private function isFood(Word $word): bool
    {
        return preg_match('/^[\p{L}\'’-]{2,40}$/u', $word->folded) === 1 &&
            $this->lexicon->number($word->folded) === null &&
            ! in_array($this->lexicon->longest([$word], 0)?->kind, [ChipKind::Filler, ChipKind::Article], true);
    }

    /**
     * 4x, x4, 4 x, x 4.
     *
     * @param  list<Word>  $words
     * @return array{string, int}|null
     */
    private function times(array $words, int $at): ?array
    {
        $isTimes = static fn (?Word $word): bool => $word !== null && in_array($word->folded, ['x', '×'], true);
        if (preg_match('/^(?:(\d{1,3})[x×]|[x×](\d{1,3}))$/u', $words[$at]->folded, $m) === 1) {
            return [$m[2] ?? $m[1], 1];
        }
        $next = $words[$at + 1] ?? null;
        $number = preg_match('/^\d{1,3}$/', ($isTimes($words[$at]) ? $next : $words[$at])->folded ?? '', $m) === 1 ? $m[0] : null;

        return $number !== null && $next !== null && $isTimes($words[$at]) !== $isTimes($next) ? [$number, 2] : null;
    }

    /** @return array{string, int}|null */
    private function hour(string $word, string $language): ?array
    {
        $hour = $this->lexicon->number($word, $language);

        return $hour === null || $hour < 1 || $hour > 24 ? null : [(string) $hour, 1];
    }

    /**
     * With minutes, or with morning or afternoon: 19:30, 7pm, 7.30 pm, 19h.
     *
     * @param  list<Word>  $words
     * @return array{string, int}|null HH:MM, and "?" behind it where it may be of the morning or the afternoon
     */
    private function clock(array $words, int $at): ?array
    {
        if (preg_match('/^(\d{1,2})(?:([:.h])(\d\d)?)?(am|pm)?$/', $words[$at]->folded, $m) !== 1) {
            return null;
        }
        $next = $words[$at + 1]->folded ?? '';
        $half = ($m[4] ?? '') !== '' ? $m[4] : (in_array($next, ['am', 'pm'], true) ? $next : '');
        $length = ($m[4] ?? '') === '' && $half !== '' ? 2 : 1;
        [$hour, $minute, $sign] = [(int) $m[1], (int) ($m[3] ?? 0), $m[2] ?? ''];
        $isClock = $half !== '' || $sign === 'h' || ($sign === ':' && ($m[3] ?? '') !== '');
        if (! $isClock || $hour > 23 || $minute > 59 || ($half !== '' && ($hour > 12 || $hour === 0))) {
            return null;
        }

        return [sprintf('%02d:%02d', $half === '' ? $hour : $hour % 12 + ($half === 'pm' ? 12 : 0), $minute), $length];
    }

    /**
     * With its sign or its word: £10, 10 quid, 12,50 €.
     *
     * @param  list<Word>  $words
     * @return array{string, int}|null
     */
    private function cash(array $words, int $at): ?array
    {
        $said = $this->lexicon->number($words[$at]->folded);
        $text = $said === null ? $words[$at]->folded : (string) $said;
        if (! $this->mayBeFigure($text) && ! isset($this->lexicon->units('money')[mb_substr($text, 0, 1)])) {
            return null;
        }
        $units = $this->lexicon->units('money');
        $unit = $this->alternatives('money');
        $number = '(\d{1,5}(?:[.,]\d{1,2})?)';
        if (preg_match("~^(?:(?:{$unit}){$number}|{$number}(?:{$unit}))$~u", $text, $m) === 1) {
            return [self::plain(self::decimal($m[2] ?? $m[1])), 1];
        }
        $isNumber = preg_match("/^{$number}$/", $text, $m) === 1;

        return $isNumber && isset($units[$words[$at + 1]->folded ?? '']) ? [self::plain(self::decimal($m[1])), 2] : null;
    }

    /**
     * @param  list<Word>  $words
     * @return array{string, int}|null °C
     */
    private function temperature(array $words, int $at): ?array
    {
        $celsius = $this->measured($words, $at, 'celsius');
        $fahrenheit = $this->measured($words, $at, 'fahrenheit');
        $isSaidTwice = in_array($words[$at + ($celsius[1] ?? 0)]->folded ?? '', ['c', 'celsius'], true);

        return match (true) {
            $fahrenheit !== null => [self::plain(((float) $fahrenheit[0] - 32.0) / 1.8), $fahrenheit[1]],
            $celsius !== null && $isSaidTwice => [$celsius[0], $celsius[1] + 1], // 54 degrees C
            default => $celsius,
        };
    }

    /**
     * A number and its unit, in one word or two, with a fraction: 38mm, 1.5 in, two kilos, 1 1/2 in, 3/4", 1½".
     *
     * @param  list<Word>  $words
     * @return array{string, int}|null in the first unit, and how many words it took
     */
    private function measured(array $words, int $at, string $of): ?array
    {
        $said = $this->lexicon->number($words[$at]->folded);
        if ($said === null && ! $this->mayBeFigure($words[$at]->folded)) {
            return null;
        }
        $text = $said === null ? strtr($words[$at]->folded, self::FRACTIONS) : (string) $said;
        $units = $this->lexicon->units($of);
        $unit = $this->alternatives($of);
        if (preg_match("~^(\d*[.,]?\d+|\d/\d)({$unit})$~u", $text, $m) === 1 && self::decimal($m[1]) > 0.0) {
            return [self::plain(self::decimal($m[1]) * $units[$m[2]]), 1];
        }
        $next = $words[$at + 1]->folded ?? '';
        if (preg_match('~^(?:\d*[.,]?\d+|\d/\d)$~', $text) !== 1 || ($words[$at + 1] ?? null)?->isAfterComma !== false) {
            return null;
        }
        $number = self::decimal($text);
        if (isset($units[$next])) {
            return $number > 0.0 ? [self::plain($number * $units[$next]), 2] : null;
        }
        $after = $words[$at + 2]->folded ?? '';
        if (preg_match('~^(\d)/(\d)('.$unit.')?$~u', $next, $m) === 1 && (int) $m[2] > 0 && isset($units[$m[3] ?? $after])) {
            return [self::plain(($number + (int) $m[1] / (int) $m[2]) * $units[$m[3] ?? $after]), isset($m[3]) ? 2 : 3];
        }

        return null;
    }

    private function mayBeFigure(string $text): bool
    {
        return preg_match('/^[\d.,½¼¾⅓⅔]/u', $text) === 1;
    }

    private function alternatives(string $unit): string
    {
        return $this->alternatives[$unit] ??= implode(
            '|',
            array_map(static fn (string $word): string => preg_quote($word, '~'), array_keys($this->lexicon->units($unit))),
        );
    }

    /** Grades that are one word with a figure or a run of letters, by scale. */
    private static function grade(string $word): ?string
    {
        return match (true) {
            preg_match('/^a([1-5])$/', $word, $m) === 1 => "japan_quality:{$m[1]}",
            preg_match('/^(aaa|aa)$/', $word, $m) === 1 => "canada:{$m[1]}",
            preg_match('/^bms(\d{1,2})\+?$/', $word, $m) === 1 => "bms:{$m[1]}",
            preg_match('/^mb(\d{1,2})\+?$/', $word, $m) === 1 => "aus_meat:{$m[1]}",
            in_array($word, ['prime', 'choice', 'select'], true) => $word,
            preg_match('/^[a-z_]+:[a-z0-9_]+$/', $word) === 1 => $word,
            preg_match('/^[seurop][1-5][lh]?$/', $word) === 1 => "carcass:{$word}",
            default => null,
        };
    }

    private static function decimal(string $text): float
    {
        if (preg_match('~^(\d)/(\d)$~', $text, $m) === 1) {
            return (int) $m[2] === 0 ? 0.0 : (int) $m[1] / (int) $m[2];
        }

        return (float) str_replace(',', '.', $text);
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
