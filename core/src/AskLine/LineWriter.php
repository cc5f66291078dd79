<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateTimeImmutable;

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
         *     avoid?: list<string>}>, named?: string|null, kinds?: list<string>, methods?: list<string>,
         *     appliances?: list<string>|null, fires?: array<string, string>, thickness_mm?: float|null, raw_g?: float|null,
         *     budget?: float|null, wants?: list<string>, eat_at?: string|null, may_order?: bool,
         * } $wish
         */
        $isPlain = count($wish['diners']) === 1 && ! ($wish['diners'][0]['at_risk'] ?? false);
        $parts = [
            $isPlain ? (string) $wish['diners'][0]['count'] : '',
            ($wish['named'] ?? '').(isset($wish['named']) && ($wish['kinds'] ?? []) !== [] ? ',' : ''),
            implode(', ', array_map(fn (string $kind): string => $this->lexicon->write(ChipKind::Kind, $kind), $wish['kinds'] ?? [])),
            isset($wish['raw_g'])
                ? self::figure($isImperial ? $wish['raw_g'] / self::G_PER_POUND : $wish['raw_g'], $isImperial ? 'lb' : 'g')
                : '',
            isset($wish['thickness_mm'])
                ? self::figure($isImperial ? $wish['thickness_mm'] / self::MM_PER_INCH : $wish['thickness_mm'], $isImperial ? 'in' : 'mm')
                : '',
            $isPlain ? $this->eaters($wish['diners'][0], false) : '',
            $this->methods($wish['methods'] ?? []),
            $this->fires($wish['appliances'] ?? [], $wish['fires'] ?? []),
            ...array_map(fn (string $want): string => $this->lexicon->write(ChipKind::Want, $want), $wish['wants'] ?? []),
            isset($wish['budget']) ? $this->lexicon->grammar('budget').' '.self::figure($wish['budget'], '') : '',
            isset($wish['eat_at']) ? $this->eatAt(new DateTimeImmutable($wish['eat_at']), $now) : '',
            $wish['may_order'] ?? false ? $this->lexicon->write(ChipKind::Order, 'may_order') : '',
        ];
        $line = implode(' ', array_filter($parts, static fn (string $part): bool => $part !== ''));
        $groups = $isPlain ? [] : array_map(fn (array $row): string => $row['count'].' '.$this->eaters($row, true), $wish['diners']);

        return trim(implode(', ', array_filter([$line, ...$groups], static fn (string $part): bool => $part !== '')));
    }

    /**
     * @param  array{count: int, appetite?: string, doneness?: string|null, at_risk?: bool, avoid?: list<string>}  $row
     * @param  bool  $isCounted  right behind its number, where some word must follow
     */
    private function eaters(array $row, bool $isCounted): string
    {
        $appetite = $row['appetite'] ?? 'usual';
        $words = [
            $appetite !== 'usual' ? $this->lexicon->write(ChipKind::Appetite, $appetite) : '',
            $row['at_risk'] ?? false ? $this->lexicon->write(ChipKind::Risk, 'at_risk') : '',
            isset($row['doneness']) ? $this->lexicon->write(ChipKind::Doneness, $row['doneness']) : '',
            ...array_map(fn (string $word): string => $this->lexicon->grammar('not')." {$word}", $row['avoid'] ?? []),
        ];
        $text = implode(' ', array_filter($words, static fn (string $word): bool => $word !== ''));

        return $text === '' && $isCounted ? $this->lexicon->write(ChipKind::Appetite, 'usual') : $text;
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

    private static function figure(float $value, string $unit): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.').$unit;
    }
}
