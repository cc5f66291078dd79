<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateInterval;
use DateTimeImmutable;
use Nessmark\Meal\Appetite;

/** Puts the chips of one dish together into a wish. */
final readonly class WishDraft
{
    /** Where a day is said and no hour. Common practice, no source. */
    private const USUAL_HOUR = '19:00';

    /** Said once, and a figure. */
    private const FIGURES = [
        'thickness_mm' => ChipKind::Thickness, 'raw_g' => ChipKind::Weight, 'heat_c' => ChipKind::Heat, 'part' => ChipKind::Part,
        'budget' => ChipKind::Budget, 'budget_all' => ChipKind::InAll,
    ];

    private const COUNTS = ['bones' => ChipKind::Bones, 'aged_days' => ChipKind::Aged];

    private const WORDS = [
        'dish' => ChipKind::Dish, 'raw' => ChipKind::Raw, 'grade' => ChipKind::Grade, 'packed' => ChipKind::Packed,
        'rearing' => ChipKind::Rearing, 'origin' => ChipKind::Origin, 'seasoning' => ChipKind::Seasoning,
    ];

    private const LISTS = ['wants' => ChipKind::Want, 'not_on' => ChipKind::NotOn, 'diets' => ChipKind::Diet];

    public function __construct(private DateTimeImmutable $now, private Roles $roles) {}

    /**
     * @param  list<Chip>  $chips
     * @return array<string, mixed> in the form of Contract\WishReader
     */
    public function of(array $chips): array
    {
        $said = array_values(
            array_filter($chips, static fn (Chip $chip): bool => ! in_array($chip->kind, [ChipKind::Filler, ChipKind::Unknown], true)),
        );
        $said = [...$said, ...self::wantsOfLike($said)];
        $values = static fn (ChipKind $kind): array => array_values(
            array_unique(
                array_map(
                    static fn (Chip $chip): string => $chip->value,
                    array_filter($said, static fn (Chip $chip): bool => $chip->kind === $kind),
                ),
            ),
        );
        $diners = $this->diners($said);
        $wish = ['diners' => $diners, ...self::meat($said), ...self::pieces($said, array_sum(array_column($diners, 'count')))];
        foreach (self::FIGURES as $key => $kind) {
            $wish += $values($kind) === [] ? [] : [$key => (float) $values($kind)[count($values($kind)) - 1]];
        }
        foreach (self::COUNTS as $key => $kind) {
            $wish += $values($kind) === [] ? [] : [$key => (int) $values($kind)[0]];
        }
        foreach (self::WORDS as $key => $kind) {
            $wish += $values($kind) === [] ? [] : [$key => $values($kind)[0]];
        }
        foreach (self::LISTS as $key => $kind) {
            $list = $values($kind);
            $wish = $list === [] ? $wish : [...$wish, $key => $list];
        }
        $methods = array_values(array_unique(explode('+', implode('+', $values(ChipKind::Method)))));
        $wish += $methods === [''] ? [] : ['methods' => $methods];
        $wish += $this->fires($values(ChipKind::Appliance), $values(ChipKind::Heat) !== []);
        $eatAt = $this->eatAt($values(ChipKind::Day)[0] ?? null, $values(ChipKind::Clock)[0] ?? null, $values(ChipKind::Within)[0] ?? null);
        $wish += $eatAt === null ? [] : ['eat_at' => $eatAt->format(DATE_ATOM)];
        $wish += $values(ChipKind::Order) === [] ? [] : ['may_order' => true];

        return $wish;
    }

    /**
     * "Cheaper than" is a wish besides.
     *
     * @param  list<Chip>  $said
     * @return list<Chip>
     */
    private static function wantsOfLike(array $said): array
    {
        $wants = [];
        foreach ($said as $chip) {
            $want = $chip->kind === ChipKind::Like ? explode('|', $chip->value)[1] ?? null : null;
            $wants = $want === null ? $wants : [...$wants, $chip->as(ChipKind::Want, $want)];
        }

        return $wants;
    }

    /**
     * Which meat: a name, kinds, what else would do, what it is to be like.
     *
     * @param  list<Chip>  $said
     * @return array<string, mixed>
     */
    private static function meat(array $said): array
    {
        $names = $kinds = $or = [];
        $isOr = false;
        foreach ($said as $chip) {
            $isOr = match (true) {
                $chip->kind === ChipKind::Or => true,
                $chip->kind === ChipKind::And || $chip->isAfterComma => false,
                default => $isOr,
            };
            if ($isOr && in_array($chip->kind, [ChipKind::Named, ChipKind::Kind], true)) {
                $or[] = $chip->value;
            } elseif ($chip->kind === ChipKind::Named) {
                $names[] = $chip->value;
            } elseif ($chip->kind === ChipKind::Kind) {
                $kinds[] = $chip->value;
            } elseif ($chip->kind === ChipKind::Pieces && str_contains($chip->value, '|')) {
                $kinds[] = explode('|', $chip->value)[1];
            } elseif ($chip->kind === ChipKind::Like) {
                $like = explode('|', $chip->value)[0];
            }
        }

        return [
            ...$names === [] ? [] : ['named' => implode(' ', array_unique($names))],
            ...$kinds === [] ? [] : ['kinds' => array_values(array_unique($kinds))],
            ...$or === [] ? [] : ['or' => $or],
            ...isset($like) ? ['like' => $like] : [],
        ];
    }

    /**
     * @param  list<Chip>  $said
     * @param  int  $heads  who eat, where so many are for each of them
     * @return array<string, mixed>
     */
    private static function pieces(array $said, int $heads = 1): array
    {
        $wish = [];
        $isEach =
            array_filter($said, static fn (Chip $chip): bool => $chip->kind === ChipKind::EachOf) !== [] &&
            array_filter($said, static fn (Chip $chip): bool => $chip->kind === ChipKind::Count) !== [];
        foreach ($said as $chip) {
            if ($chip->kind === ChipKind::Pieces) {
                $wish['pieces'] = (int) $chip->value * ($isEach ? $heads : 1);
            } elseif ($chip->kind === ChipKind::Each) {
                [$pieces, $each] = str_contains($chip->value, 'x') ? explode('x', $chip->value) : [null, $chip->value];
                $wish['each_g'] = round((float) $each, 2);
                $wish = $pieces === null ? $wish : [...$wish, 'pieces' => (int) $pieces];
            }
        }

        return $wish;
    }

    /**
     * Those who are counted apart, and the rest of the table. Words about eaters that follow no number hold for everyone at the table
     * who is not counted apart.
     *
     * @param  list<Chip>  $said
     * @return non-empty-list<array<string, mixed>>
     */
    private function diners(array $said): array
    {
        $total = null;
        $groups = $extra = [];
        $everyone = self::nobody();
        $group = null;
        foreach ($said as $i => $chip) {
            if ($chip->kind === ChipKind::Count) {
                [$total, $group] = [max($total ?? 0, (int) $chip->value), null];
            } elseif ($chip->kind === ChipKind::Lead) {
                $isAtRisk = str_ends_with($chip->value, ' young');
                $isYoung = $isAtRisk || str_ends_with($chip->value, ' small');
                $row = [...self::nobody(), 'count' => (int) $chip->value, 'appetite' => $isYoung ? Appetite::Small->value : null];
                $row['at_risk'] = $isAtRisk;
                $isYoung ? $extra[] = $row : $groups[] = $row;
                $group = $isYoung ? null : count($groups) - 1;
            } elseif ($chip->kind === ChipKind::Half) {
                $groups[] = [...self::nobody(), 'count' => 0];
                $group = count($groups) - 1;
            } elseif ($chip->kind === ChipKind::Baby) {
                $extra[] = [...self::nobody(), 'count' => 1, 'appetite' => Appetite::Small->value, 'at_risk' => true];
            } elseif ($chip->kind->isOfEaters()) {
                if ($group === null && $chip->kind === ChipKind::Risk) {
                    $groups[] = self::with([...self::nobody(), 'count' => 1], $chip); // "pregnant" alone is one of them
                } elseif ($group === null) {
                    $everyone = self::with($everyone, $chip);
                } else {
                    $groups[$group] = self::with($groups[$group], $chip);
                }
            } elseif ($chip->kind !== ChipKind::Diet) {
                $group = null;
            }
        }
        $total ??= $this->headsOf($said);
        $groups = self::halved($groups, $total);
        $apart = array_sum(array_column($groups, 'count'));
        $rest = ($total ?? ($groups === [] && $extra === [] ? 1 : $apart)) - $apart;
        $rows = $rest > 0 ? [[...$everyone, 'count' => $rest]] : [];
        foreach ([...$groups, ...$extra] as $row) {
            $row['appetite'] ??= $everyone['appetite'];
            $row['doneness'] ??= $row['at_risk'] ? null : $everyone['doneness'];
            $row['avoid'] = array_values(array_unique([...$row['avoid'], ...$everyone['avoid']]));
            $rows[] = $row;
        }

        return array_map(self::written(...), $rows === [] ? [[...$everyone, 'count' => 1]] : $rows);
    }

    /**
     * Where only pieces were counted.
     *
     * @param  list<Chip>  $said
     */
    private function headsOf(array $said): ?int
    {
        $pieces = self::pieces($said)['pieces'] ?? null;
        $meats = array_values(array_filter($said, static fn (Chip $chip): bool => $chip->kind->isMeat()));
        $counted = array_values(array_filter($meats, $this->roles->isOneEach(...)))[0] ?? $meats[0] ?? null;

        return ! is_int($pieces) || $counted === null ? null : $this->roles->heads($counted, $pieces);
    }

    /**
     * "Half rare, half well": the first half has the odd one.
     *
     * @param  list<array{count: int, appetite: string|null, doneness: string|null, at_risk: bool, avoid: list<string>}>  $groups
     * @return list<array{count: int, appetite: string|null, doneness: string|null, at_risk: bool, avoid: list<string>}>
     */
    private static function halved(array $groups, ?int $total): array
    {
        $left = $total ?? 2;
        foreach ($groups as $i => $row) {
            if ($row['count'] === 0) {
                $groups[$i]['count'] = max(1, min($left, (int) ceil(($total ?? 2) / 2)));
                $left -= $groups[$i]['count'];
            }
        }

        return $groups;
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
     * @param  bool  $isOvenSaid  its heat was said, and so it was
     * @return array<string, mixed>
     */
    private function fires(array $said, bool $isOvenSaid): array
    {
        [$appliances, $fires] = [[], []];
        foreach ($isOvenSaid ? [...$said, 'oven'] : $said as $value) {
            [$kind, $sort] = [...explode(':', $value), ''];
            $appliances[] = $kind === 'burner' ? 'pan' : $kind;
            if ($sort !== '') {
                $fires[$kind] = $sort;
            }
        }

        return [
            ...$appliances === [] ? [] : ['appliances' => array_values(array_unique($appliances))],
            ...$fires === [] ? [] : ['fires' => $fires],
        ];
    }

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
