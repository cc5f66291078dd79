<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateInterval;
use DateTimeImmutable;
use Nessmark\Meal\Appetite;

/** Puts chips together into a wish. */
final readonly class WishDraft
{
    /** Where a day is said and no hour. Common practice, no source. */
    private const USUAL_HOUR = '19:00';

    public function __construct(private DateTimeImmutable $now) {}

    /**
     * @param  list<Chip>  $chips
     * @return array<string, mixed> in the form of Contract\WishReader
     */
    public function of(array $chips): array
    {
        $said = array_values(
            array_filter($chips, static fn (Chip $chip): bool => ! in_array($chip->kind, [ChipKind::Filler, ChipKind::Unknown], true)),
        );
        $values = static fn (ChipKind $kind): array => array_values(
            array_unique(
                array_map(
                    static fn (Chip $chip): string => $chip->value,
                    array_filter($said, static fn (Chip $chip): bool => $chip->kind === $kind),
                ),
            ),
        );
        $wish = ['diners' => $this->diners($said)];
        $names = $values(ChipKind::Named);
        if ($names !== []) {
            $wish['named'] = implode(' ', $names);
        }
        foreach (
            [
                'kinds' => $values(ChipKind::Kind),
                'wants' => $values(ChipKind::Want),
                'methods' => array_values(array_unique(explode('+', implode('+', $values(ChipKind::Method))))),
            ] as $key => $list
        ) {
            if ($list !== [] && $list !== ['']) {
                $wish[$key] = $list;
            }
        }
        [$appliances, $fires] = $this->fires($values(ChipKind::Appliance));
        if ($appliances !== []) {
            $wish['appliances'] = $appliances;
        }
        if ($fires !== []) {
            $wish['fires'] = $fires;
        }
        foreach (['thickness_mm' => ChipKind::Thickness, 'raw_g' => ChipKind::Weight, 'budget' => ChipKind::Budget] as $key => $kind) {
            if ($values($kind) !== []) {
                $wish[$key] = (float) $values($kind)[0];
            }
        }
        $eatAt = $this->eatAt(
            $values(ChipKind::Day)[0] ?? null,
            $values(ChipKind::Clock)[0] ?? null,
            $values(ChipKind::Within)[0] ?? null,
        );
        if ($eatAt !== null) {
            $wish['eat_at'] = $eatAt->format(DATE_ATOM);
        }
        if ($values(ChipKind::Order) !== []) {
            $wish['may_order'] = true;
        }

        return $wish;
    }

    /**
     * A number right before words about eaters counts those eaters; any other number is the whole table, from which such
     * groups are taken. Words about eaters that follow no number hold for everyone at the table who is not counted apart.
     *
     * @param  list<Chip>  $said
     * @return non-empty-list<array<string, mixed>>
     */
    private function diners(array $said): array
    {
        $total = null;
        $groups = [];
        $everyone = self::nobody();
        $group = null;
        foreach ($said as $i => $chip) {
            if ($chip->kind === ChipKind::Count) {
                $group = ($said[$i + 1] ?? null)?->kind->isOfEaters() === true ? count($groups) : null;
                if ($group === null) {
                    $total ??= (int) $chip->value;
                } else {
                    $groups[] = [...self::nobody(), 'count' => (int) $chip->value];
                }
            } elseif ($chip->kind->isOfEaters()) {
                if ($group === null && $chip->kind === ChipKind::Risk) {
                    $groups[] = self::with([...self::nobody(), 'count' => 1], $chip); // "pregnant" alone is one of them
                } elseif ($group === null) {
                    $everyone = self::with($everyone, $chip);
                } else {
                    $groups[$group] = self::with($groups[$group], $chip);
                }
            } else {
                $group = null;
            }
        }
        $apart = array_sum(array_column($groups, 'count'));
        $rest = ($total ?? ($groups === [] ? 1 : $apart)) - $apart;
        $rows = $rest > 0 ? [[...$everyone, 'count' => $rest]] : [];
        foreach ($groups as $row) {
            $row['appetite'] ??= $everyone['appetite'];
            $row['doneness'] ??= $row['at_risk'] ? null : $everyone['doneness'];
            $row['avoid'] = array_values(array_unique([...$row['avoid'], ...$everyone['avoid']]));
            $rows[] = $row;
        }

        return array_map(self::written(...), $rows === [] ? [[...$everyone, 'count' => 1]] : $rows);
    }

    /** @return array{count: int, appetite: string|null, doneness: string|null, at_risk: bool, avoid: list<string>} */
    private static function nobody(): array
    {
        return ['count' => 0, 'appetite' => null, 'doneness' => null, 'at_risk' => false, 'avoid' => []];
    }

    /**
     * @param  array{count: int, appetite: string|null, doneness: string|null, at_risk: bool, avoid: list<string>}  $row
     * @return array{count: int, appetite: string|null, doneness: string|null, at_risk: bool, avoid: list<string>}
     */
    private static function with(array $row, Chip $chip): array
    {
        return match ($chip->kind) {
            ChipKind::Appetite => [...$row, 'appetite' => $chip->value],
            ChipKind::Doneness => [...$row, 'doneness' => $chip->value],
            ChipKind::Risk => [...$row, 'at_risk' => true],
            default => [...$row, 'avoid' => [...$row['avoid'], $chip->value]],
        };
    }

    /**
     * @param  array{count: int, appetite: string|null, doneness: string|null, at_risk: bool, avoid: list<string>}  $row
     * @return array<string, mixed>
     */
    private static function written(array $row): array
    {
        $written = ['count' => $row['count'], 'appetite' => $row['appetite'] ?? Appetite::Usual->value, 'at_risk' => $row['at_risk']];

        return [...$written, ...$row['doneness'] === null ? [] : ['doneness' => $row['doneness']], 'avoid' => $row['avoid']];
    }

    /**
     * @param  list<string>  $said  such as pan:cast_iron
     * @return array{list<string>, array<string, string>}
     */
    private function fires(array $said): array
    {
        [$appliances, $fires] = [[], []];
        foreach ($said as $value) {
            [$kind, $sort] = [...explode(':', $value), ''];
            $appliances[] = $kind === 'burner' ? 'pan' : $kind;
            if ($sort !== '') {
                $fires[$kind] = $sort;
            }
        }

        return [array_values(array_unique($appliances)), $fires];
    }

    /** An hour that is past today is no hour: null, and the chip stays for the reader of the wish to see that none was taken. */
    private function eatAt(?string $day, ?string $clock, ?string $withinS): ?DateTimeImmutable
    {
        if ($withinS !== null) {
            $then = $this->now->add(new DateInterval('PT'.(int) $withinS.'S'));

            return $then->setTime((int) $then->format('H'), (int) $then->format('i'));
        }
        if ($day === null && $clock === null) {
            return null;
        }
        [$hour, $minute] = array_map(intval(...), explode(':', $clock ?? self::USUAL_HOUR));
        $at = $this->now->setDate(...array_map(intval(...), explode('-', $day ?? $this->now->format('Y-m-d'))))->setTime($hour, $minute);

        return $at > $this->now ? $at : null;
    }
}
