<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateTimeImmutable;
use Nessmark\Doneness\DonenessTable;

/** Writes a wish as a line that reads back to the same wish. */
final readonly class LineWriter
{
    /** One word stands for both. */
    private const BATHS = ['water_bath', 'bath_then_sear'];

    private const MM_PER_INCH = 25.4;

    private const G_PER_POUND = 453.59237;

    public function __construct(private Lexicon $lexicon) {}

    /**
     * @param  array<string, mixed>  $wish  in the form of Contract\WishReader, already checked
     */
    public function write(array $wish, DateTimeImmutable $now, bool $isImperial = false): string
    {
        /**
         * @var array{ diners: non-empty-list<array{count: int, appetite?: string, doneness?: string|null, at_risk?: bool,
         *     avoid?: list<string>, child?: bool, under_one?: bool, diets?: list<string>, of_dishes?: int}>,
         *     named?: string|null, kinds?: list<string>, methods?: list<string>,
         *     appliances?: list<string>|null, fires?: array<string, string>, thickness_mm?: float|null, raw_g?: float|null,
         *     budget?: float|null, wants?: list<string>, eat_at?: string|null, may_order?: bool, or?: list<string>, like?: string|null,
         *     dish?: string|null, raw?: string|null, pieces?: int|null, each_g?: float|null, part?: float|null, bones?: int|null,
         *     heat_c?: float|null, grade?: string|null, aged_days?: int|null, packed?: string|null, rearing?: string|null,
         *     origin?: string|null, budget_all?: float|null, diets?: list<string>, not_on?: list<string>,
         *     seasoning?: string|null
         * } $wish
         */
        $first = $wish['diners'][0];
        $isPlain = count($wish['diners']) === 1 && ! ($first['at_risk'] ?? false) && ! ($first['child'] ?? false);
        $beside = max(1, ...array_map(static fn (array $row): int => $row['of_dishes'] ?? 1, $wish['diners'])) - 1;
        $parts = [
            $isPlain ? "{$this->lexicon->saying('people')} {$wish['diners'][0]['count']}".(isset($wish['pieces']) ? ',' : '') : '',
            ...$this->meat($wish, $isImperial),
            isset($wish['raw_g']) ? self::mass($wish['raw_g'], $isImperial) : '',
            isset($wish['thickness_mm'])
                ? self::figure($isImperial ? $wish['thickness_mm'] / self::MM_PER_INCH : $wish['thickness_mm'], $isImperial ? 'in' : 'mm')
                : '',
            $isPlain ? $this->eaters($wish['diners'][0], false) : '',
            $this->methods($wish['methods'] ?? []),
            $this->fires($wish['appliances'] ?? [], $wish['fires'] ?? []),
            isset($wish['heat_c']) ? self::temperature($wish['heat_c'], $isImperial) : '',
            ...array_map(fn (string $kind): string => $this->lexicon->write(ChipKind::NotOn, $kind), $wish['not_on'] ?? []),
            ...array_map(fn (string $diet): string => $this->lexicon->write(ChipKind::Diet, $diet), $wish['diets'] ?? []),
            ...array_map(fn (string $want): string => $this->lexicon->write(ChipKind::Want, $want), $wish['wants'] ?? []),
            isset($wish['seasoning']) ? $this->lexicon->write(ChipKind::Seasoning, $wish['seasoning']) : '',
            isset($wish['budget_all']) ? self::figure($wish['budget_all'], '')." {$this->lexicon->grammar('in_all')}" : '',
            isset($wish['budget']) ? $this->lexicon->grammar('budget').' '.self::figure($wish['budget'], '') : '',
            isset($wish['eat_at']) ? $this->eatAt(new DateTimeImmutable($wish['eat_at']), $now) : '',
            $beside > 0 ? strtr($this->lexicon->sayings('beside')[0], ['{n}' => (string) $beside]) : '',
            $wish['may_order'] ?? false ? $this->lexicon->write(ChipKind::Order, 'may_order') : '',
        ];
        $line = implode(' ', array_filter($parts, static fn (string $part): bool => $part !== ''));
        $groups = $isPlain ? [] : array_map(fn (array $row): string => $this->group($row), $wish['diners']);

        return trim(implode(', ', array_filter([$line, ...$groups], static fn (string $part): bool => $part !== '')));
    }

    /**
     * @param  array{named?: string|null, kinds?: list<string>, or?: list<string>, like?: string|null, dish?: string|null,
     *     raw?: string|null, pieces?: int|null, each_g?: float|null, part?: float|null, bones?: int|null, grade?: string|null,
     *     aged_days?: int|null, packed?: string|null, rearing?: string|null, origin?: string|null}  $wish
     * @return list<string>
     */
    private function meat(array $wish, bool $isImperial): array
    {
        $each = isset($wish['each_g']) ? self::mass($wish['each_g'], $isImperial) : null;
        $pieces = $wish['pieces'] ?? null;
        $kinds = array_map(fn (string $kind): string => $this->lexicon->write(ChipKind::Kind, $kind), $wish['kinds'] ?? []);

        return [
            match (true) {
                $each !== null && $pieces !== null => "{$pieces}x {$each}",
                $each !== null => "{$each} {$this->lexicon->grammar('each')}",
                $pieces !== null => "{$pieces} {$this->lexicon->grammar('pieces')}",
                isset($wish['part']) => $this->lexicon->grammar('half'),
                isset($wish['bones']) => "{$wish['bones']} bones",
                default => '',
            },
            $wish['grade'] ?? '',
            isset($wish['rearing']) ? $this->lexicon->write(ChipKind::Rearing, $wish['rearing']) : '',
            ($wish['named'] ?? '').(isset($wish['named']) && $kinds !== [] ? ',' : ''),
            implode(', ', $kinds),
            isset($wish['dish']) ? $this->lexicon->write(ChipKind::Dish, $wish['dish']) : '',
            isset($wish['raw']) ? $this->lexicon->write(ChipKind::Raw, $wish['raw']) : '',
            isset($wish['like']) ? "{$this->lexicon->grammar('like')} {$wish['like']}" : '',
            ...array_map(fn (string $other): string => "{$this->lexicon->grammar('or')} {$other}", $wish['or'] ?? []),
            isset($wish['aged_days']) ? "{$this->lexicon->grammar('hung')} {$wish['aged_days']} {$this->lexicon->grammar('days')}" : '',
            isset($wish['packed']) ? $this->lexicon->write(ChipKind::Packed, $wish['packed']) : '',
            isset($wish['origin']) ? "{$this->lexicon->grammar('from')} {$wish['origin']}" : '',
        ];
    }

    /** @param  array{count: int, appetite?: string, doneness?: string|null, at_risk?: bool, avoid?: list<string>, child?: bool,
     *     under_one?: bool, diets?: list<string>}  $row */
    private function group(array $row): string
    {
        if (! ($row['child'] ?? false)) {
            return $row['count'].' '.$this->eaters($row, true);
        }
        $sort = match (true) {
            $row['under_one'] ?? false => 'babies',
            $row['at_risk'] ?? false => 'toddlers',
            default => 'children',
        };
        $own = [...$row, 'at_risk' => false, 'appetite' => ($row['appetite'] ?? 'small') === 'small' ? 'usual' : $row['appetite']];

        return trim("{$row['count']} {$this->lexicon->write(ChipKind::Child, $sort)} {$this->eaters($own, false)}");
    }

    /**
     * @param  array{count: int, appetite?: string, doneness?: string|null, at_risk?: bool, avoid?: list<string>,
     *     diets?: list<string>}  $row
     * @param  bool  $isCounted  right behind its number, where some word must follow
     */
    private function eaters(array $row, bool $isCounted): string
    {
        $appetite = $row['appetite'] ?? 'usual';
        $words = [
            $appetite !== 'usual' ? $this->lexicon->write(ChipKind::Appetite, $appetite) : '',
            $row['at_risk'] ?? false ? $this->lexicon->write(ChipKind::Risk, 'at_risk') : '',
            isset($row['doneness']) ? $this->done($row['doneness']) : '',
            ...array_map(fn (string $diet): string => $this->lexicon->write(ChipKind::Diet, $diet), $row['diets'] ?? []),
            ...array_map(fn (string $word): string => $this->lexicon->grammar('not')." {$word}", $row['avoid'] ?? []),
        ];
        $text = implode(' ', array_filter($words, static fn (string $word): bool => $word !== ''));

        return $text === '' && $isCounted ? $this->lexicon->write(ChipKind::Appetite, 'usual') : $text;
    }

    private function done(string $word): string
    {
        return str_starts_with($word, DonenessTable::BY_CORE)
            ? self::temperature((float) substr($word, strlen(DonenessTable::BY_CORE)), false)
            : $this->lexicon->write(ChipKind::Doneness, $word);
    }

    /** @param  list<string>  $methods */
    private function methods(array $methods): string
    {
        $values =
            array_diff(self::BATHS, $methods) !== []
                ? $methods
                : [...array_values(array_diff($methods, self::BATHS)), implode('+', self::BATHS)];

        return implode(' ', array_map(fn (string $value): string => $this->lexicon->write(ChipKind::Method, $value), $values));
    }

    /**
     * @param  list<string>  $appliances
     * @param  array<string, string>  $fires
     */
    private function fires(array $appliances, array $fires): string
    {
        $words = array_map(
            fn (string $kind): string => $this->lexicon->write(
                ChipKind::Appliance,
                isset($fires[$kind]) ? "{$kind}:{$fires[$kind]}" : $kind,
            ),
            $appliances,
        );
        if (isset($fires['burner'])) {
            $words[] = $this->lexicon->write(ChipKind::Appliance, "burner:{$fires['burner']}");
        }

        return implode('+', $words);
    }

    private function eatAt(DateTimeImmutable $at, DateTimeImmutable $now): string
    {
        $at = $at->setTimezone($now->getTimezone());
        $day = match ($at->format('Y-m-d')) {
            $now->format('Y-m-d') => '',
            $now->modify('+1 day')->format('Y-m-d') => $this->lexicon->grammar('tomorrow').' ',
            default => $at->format('Y-m-d').' ',
        };

        return $day.$at->format('H:i');
    }

    private static function mass(float $g, bool $isImperial): string
    {
        return self::figure($isImperial ? $g / self::G_PER_POUND : $g, $isImperial ? 'lb' : 'g');
    }

    private static function temperature(float $celsius, bool $isImperial): string
    {
        return self::figure($isImperial ? $celsius * 1.8 + 32.0 : $celsius, $isImperial ? 'F' : 'C');
    }

    private static function figure(float $value, string $unit): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.').$unit;
    }
}
