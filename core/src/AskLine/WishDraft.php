<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateInterval;
use DateTimeImmutable;

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

    private const LISTS = ['wants' => ChipKind::Want, 'not_on' => ChipKind::NotOn];

    public function __construct(private DateTimeImmutable $now) {}

    /**
     * @param  list<Chip>  $chips
     * @param  array{diners: list<array<string, mixed>>, diets?: list<string>}  $eaters  who eats this dish
     * @return array<string, mixed> in the form of Contract\WishReader
     */
    public function of(array $chips, array $eaters): array
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
        $heads = array_sum(array_column($eaters['diners'], 'count'));
        $wish = [...$eaters, ...self::meat($said), ...self::pieces($said, $heads)];
        foreach (self::FIGURES as $key => $kind) {
            $last = $values($kind)[count($values($kind)) - 1] ?? null;
            $wish += $last === null ? [] : [$key => (float) str_replace(Meaning::OF_OVEN, '', $last)];
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
        $wish += $this->fires($values(ChipKind::Appliance), self::isOvenSaid($values(ChipKind::Heat), $values(ChipKind::Appliance)));
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
    public static function pieces(array $said, float|int $heads = 1): array
    {
        $wish = [];
        $isEach =
            array_filter($said, static fn (Chip $chip): bool => $chip->kind === ChipKind::EachOf) !== [] &&
            array_filter($said, static fn (Chip $chip): bool => $chip->kind === ChipKind::Count) !== [];
        foreach ($said as $chip) {
            if ($chip->kind === ChipKind::Pieces) {
                $wish['pieces'] = (int) $chip->value * ($isEach ? (int) $heads : 1);
            } elseif ($chip->kind === ChipKind::Each) {
                [$pieces, $each] = str_contains($chip->value, 'x') ? explode('x', $chip->value) : [null, $chip->value];
                $wish['each_g'] = round((float) $each, 2);
                $wish = $pieces === null ? $wish : [...$wish, 'pieces' => (int) $pieces];
            }
        }

        return $wish;
    }

    /**
     * @param  list<string>  $said  such as pan:cast_iron
     * @param  bool  $isOvenSaid  a heat was said and no fire: it is the oven's
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

    /**
     * @param  list<string>  $heats
     * @param  list<string>  $appliances
     */
    private static function isOvenSaid(array $heats, array $appliances): bool
    {
        $ofOven = array_filter($heats, static fn (string $heat): bool => str_starts_with($heat, Meaning::OF_OVEN));

        return $ofOven !== [] || ($heats !== [] && $appliances === []);
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
