<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Advice\PriceOf;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Matching\Answer;
use Nessmark\Matching\Contribution;
use Nessmark\Matching\Criterion\Time;
use Nessmark\Matching\Found;
use Nessmark\Matching\Option;
use Nessmark\Matching\Refusal;
use Nessmark\Matching\WhyNot;
use Nessmark\Matching\Wish;
use Nessmark\Meal\Eater;
use Nessmark\Meal\Share;
use Nessmark\Meat\SoldBy;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/**
 * Matches as plain data, each with the ask its ticket is made from.
 *
 * @phpstan-import-type Reply from WhyNot
 */
final readonly class MatchReport
{
    private function __construct() {}

    /** @return array<string, mixed> */
    public static function answer(Answer $answer, Wish $wish): array
    {
        return [
            'matches' => array_map(
                static fn (Found $found): array => self::found($found, $wish, $answer->changes[$found->option->lot->cut->slug] ?? []),
                $answer->matches,
            ),
            'refusals' => array_map(self::refusal(...), $answer->refusals),
            'instead_of' => $answer->insteadOf === null ? null : ['slug' => $answer->insteadOf->slug, 'name' => $answer->insteadOf->name],
            'is_missing' => $answer->isMissing,
            'orders' => array_map(
                static fn (Lot $lot): array => ['lot' => $lot->number, 'name' => $lot->cut->name, 'lead_days' => $lot->leadDays],
                $answer->orders,
            ),
            'considered' => $answer->considered,
        ];
    }

    /**
     * @param  array<string, mixed>  $why  of WhyNot::of
     * @return array<string, mixed>
     */
    public static function whyNot(array $why, Wish $wish): array
    {
        /** @var Reply $why */
        return [
            'cut' => ['slug' => $why['cut']->slug, 'name' => $why['cut']->name],
            'in_case' => $why['in_case'],
            'lead_days' => $why['lead_days'],
            'place' => $why['place'],
            'score' => $why['score'] === null ? null : round($why['score'], 1),
            'best' => $why['best'] === null
                ? null
                : ['name' => $why['best']->option->lot->cut->name, 'score' => round($why['best']->score, 1)],
            'match' => $why['own'] === null ? null : self::found($why['own'], $wish, []),
            'worse_by' => array_map(
                static fn (array $row): array => [
                    'criterion' => $row['criterion'],
                    'points' => round($row['points'], 1),
                    'says' => $row['says']?->toArray(),
                ],
                $why['worse_by'],
            ),
            'refusals' => array_map(self::refusal(...), $why['refusals']),
        ];
    }

    /**
     * @param  list<Phrase>  $changes
     * @return array<string, mixed>
     */
    private static function found(Found $found, Wish $wish, array $changes): array
    {
        $option = $found->option;
        $said = static fn (Phrase $phrase): array => $phrase->toArray();

        return [
            'cut' => [
                'slug' => $option->lot->cut->slug,
                'name' => $option->lot->cut->name,
                'group' => $option->lot->cut->group->value,
                'is_round' => $option->lot->cut->build->isRound(),
            ],
            'lot' => self::lot($option->lot),
            'method' => $option->method->value,
            'thickness_mm' => round($option->sale->size->thickness->toMillimetres(), 1),
            'score' => round($found->score, 1),
            'contributions' => array_map(
                static fn (Contribution $c): array => [
                    'criterion' => $c->criterion,
                    'points' => round($c->points, 1),
                    'most' => round($c->most, 1),
                    'says' => $c->says?->toArray(),
                ],
                $found->contributions,
            ),
            'reasons' => array_map($said, $found->reasons()),
            'doubt' => $found->doubt()?->toArray(),
            'changes' => array_map($said, $changes),
            'a_head' => $option->perHeadMinor / 100.0,
            'cooked_100g' => PriceOf::cookedPer100g($option->lot),
            'raw_g' => round($option->sale->raw()->toGrams()),
            'pieces' => $option->sale->count,
            'shares' => count($option->shares),
            'takes_s' => $option->times === null ? null : round($option->times->wholeS(Time::PREPARE_S)),
            'verdict' => $option->level->value,
            'other_methods' => array_map(static fn (Method $method): string => $method->value, $found->otherMethods),
            'ask' => self::ask($found, $wish),
        ];
    }

    /** @return array<string, mixed> in the form of AskReader: what the ticket of this match is made from */
    private static function ask(Found $found, Wish $wish): array
    {
        $option = $found->option;
        $diners = [];
        foreach ($option->shares as $share) {
            $diners = [...$diners, ...self::diners($share)];
        }
        $atTable = $wish->table === null ? [] : $wish->table->groups;
        $meatless = array_filter($atTable, static fn (Eater $eater): bool => ! in_array($eater, $wish->eaters->groups, true));
        $diners = [...$diners, ...array_map(Json::of(...), array_values($meatless))];
        $methods = array_column($option->method->appliances(), 'value');
        $fires = array_filter(
            $wish->means->fires->types,
            static fn (string $kind): bool => in_array($kind, $methods, true),
            ARRAY_FILTER_USE_KEY,
        );
        if ($wish->means->fires->burner !== null && $methods === ['pan']) {
            $fires['burner'] = $wish->means->fires->burner;
        }

        return [
            'cut' => $option->lot->cut->slug,
            'lot' => $option->lot->number,
            ...self::size($option, $wish),
            'method' => $option->method->value,
            'diners' => $diners,
            ...$fires === [] || in_array($option->method, [Method::Parcel, Method::Poach], true) ? [] : ['fires' => $fires],
            ...$option->lot->grade === null || $option->lot->fat === null ? [] : ['grade' => $option->lot->grade],
            ...$option->lot->isParasiteFrozen ? ['parasite_frozen' => true] : [],
            ...$option->lot->isPierced ? ['pierced' => true] : [],
            ...$option->lot->isStuffed ? ['stuffed' => true] : [],
            ...$option->lot->rearing === null ? [] : ['rearing' => $option->lot->rearing->value],
            ...$wish->means->heatC === null ? [] : ['heat_c' => $wish->means->heatC],
            ...$wish->seasoning === null ? [] : ['seasoning' => $wish->seasoning],
            ...$wish->house->standard->also === null ? [] : ['profile' => $wish->house->standard->also->value],
            'now' => $wish->now->format(DATE_ATOM),
            ...$wish->eatAt === null ? [] : ['eat_at' => $wish->eatAt->format(DATE_ATOM)],
            ...$wish->scale === Scale::Kitchen ? [] : ['schools' => ['doneness_words' => $wish->scale->value]],
        ];
    }

    /**
     * What was said of its size, or lies there: what follows from those who eat is left to follow.
     *
     * @return array<string, float|int>
     */
    private static function size(Option $option, Wish $wish): array
    {
        $size = $option->sale->size;
        $isCutSo = $option->lot->thickness !== null || $wish->meat->thickness !== null;
        $isThickness = $isCutSo || $option->lot->cut->build->soldBy === SoldBy::Slice;
        if (! $wish->meat->size->isSaid()) {
            return $isThickness ? ['thickness_mm' => round($size->thickness->toMillimetres(), 1)] : [];
        }

        return [
            ...$isThickness ? ['thickness_mm' => round($size->thickness->toMillimetres(), 1)] : [],
            'raw_g' => $size->mass->toGrams(),
            ...$option->sale->count === null ? [] : ['pieces' => $option->sale->count],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function diners(Share $share): array
    {
        return array_map(
            static fn (Eater $eater): array => Json::of(
                str_starts_with($eater->doneness ?? '', DonenessTable::BY_CORE) ? $eater : $eater->wanting($share->doneness->word),
            ),
            $share->eaters->groups,
        );
    }

    /** @return array<string, mixed> */
    public static function lot(Lot $lot): array
    {
        return [
            'number' => $lot->number,
            'grade' => $lot->grade,
            'fat_pct' => $lot->fat === null ? null : round($lot->fat->meanPct, 1),
            'thickness_mm' => $lot->thickness?->toMillimetres(),
            'left_g' => $lot->left?->toGrams(),
            'price_per_kg' => $lot->pricePerKgMinor / 100.0,
            'aged_days' => $lot->agedDays,
            'packed' => $lot->packed->value,
            'origin' => $lot->origin,
            'use_by' => $lot->useBy?->format('Y-m-d'),
            'parasite_frozen' => $lot->isParasiteFrozen,
            'pierced' => $lot->isPierced,
            'stuffed' => $lot->isStuffed,
            'rearing' => $lot->rearing?->value,
            'lead_days' => $lot->leadDays,
        ];
    }

    /** @return array<string, mixed> */
    private static function refusal(Refusal $refusal): array
    {
        return [
            'limit' => $refusal->limit->value,
            'says' => $refusal->says->toArray(),
            'cut' => $refusal->lot->cut->slug,
            'lot' => $refusal->lot->number,
            'method' => $refusal->method->value,
        ];
    }
}
