<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use DateInterval;
use Nessmark\Advice\Portions;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Meal\Sale;
use Nessmark\Meal\Share;
use Nessmark\Meat\Build;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Hazard;
use Nessmark\Meat\SoldBy;
use Nessmark\Method\Fit;
use Nessmark\Method\Method;
use Nessmark\Method\MethodFit;
use Nessmark\Method\Suitability;
use Nessmark\Quantity\Length;
use Nessmark\Safety\Level;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;
use Nessmark\Texture\LongCook;

/** Every lot and way to cook it that a wish could mean, and what rules it out without cooking it. */
final class Options
{
    private const COOKED_LONG = 'long_cooked';

    /** Who names one of these cooks on it, and not in an oven. */
    private const INSTEAD_OF_OVEN = ['grill', 'smoker', 'broiler', 'spit'];

    /** @var array<string, MethodFit> by cut and method */
    private array $fits = [];

    /** @var array<string, bool> by cut and method */
    private array $offered = [];

    /** @param  list<ApplianceKind>  $usualKitchen */
    public function __construct(
        private readonly Shares $shares,
        private readonly Outlook $outlook,
        private readonly Portions $portions,
        private readonly LongCook $texture,
        private readonly DonenessTable $doneness,
        private readonly array $usualKitchen,
        private readonly Suitability $suitability = new Suitability(),
    ) {}

    /**
     * @param  list<Lot>  $lots
     * @param  bool  $withAnyFire  also what the customer has no fire for, and what no fire suits: to say what would have to give
     * @return list<array{Option, list<Refusal>}> in the order of the lots' numbers
     */
    public function of(Wish $wish, array $lots, bool $withAnyFire = false): array
    {
        usort($lots, static fn (Lot $a, Lot $b): int => $a->number <=> $b->number);
        $owned = $this->owned($wish);
        $options = [];
        $parted = [];
        foreach ($lots as $lot) {
            if (! $wish->takes($lot)) {
                continue;
            }
            $key = $lot->cut->slug.' '.$lot->cut->foodClass->value.' '.$lot->rearing?->value;
            if (! array_key_exists($key, $parted)) {
                $parted[$key] = $this->shares->of($wish, $lot->cut);
            }
            $shares = $parted[$key] ?? $this->asUsual($wish, $lot);
            $sale = $shares === null ? null : $this->sale($wish, $lot, count($shares));
            foreach ($wish->means->methods === [] ? Method::cases() : $wish->means->methods as $method) {
                $isOwned = in_array($method, $owned, true);
                if (! $withAnyFire && (! $isOwned || ! $this->isOffered($lot, $method))) {
                    continue;
                }
                if ($shares !== null && $sale !== null) {
                    $option = $this->option($wish, $lot, $method, $shares, $sale);
                    $options[] = [$option, $this->refusals($wish, $option, $isOwned, $parted[$key] !== null)];
                }
            }
        }

        return $options;
    }

    /** @return list<Method> that can be done on what the customer has */
    public function owned(Wish $wish): array
    {
        $has = $wish->means->appliances ?? $this->usualKitchen;
        foreach ($wish->means->methods as $method) {
            // who names a way to cook has what it takes, but for an oven where another fire was named
            $has = [...$has, ...array_filter(
                $method->appliances(),
                static fn (ApplianceKind $kind): bool => $kind !== ApplianceKind::Oven ||
                    array_intersect(array_column($has, 'value'), self::INSTEAD_OF_OVEN) === [],
            )];
        }

        $has = array_diff(array_column($has, 'value'), array_column($wish->means->notOn, 'value'));

        return array_values(
            array_filter(
                Method::cases(),
                static fn (Method $method): bool => array_diff(array_column($method->appliances(), 'value'), $has) === [] &&
                    $wish->means->isAtHeat($method),
            ),
        );
    }

    private function isOffered(Lot $lot, Method $method): bool
    {
        $fit = $this->fit($lot, $method);

        // Nobody braises what would rather be fried.
        return ($this->offered["{$lot->cut->slug} {$method->value}"] ??= $this->suitability->offers($lot->cut, $fit)) &&
            ($method !== Method::Braise || $lot->cut->donenessFamily === self::COOKED_LONG || $fit->fit === Fit::Good);
    }

    private function fit(Lot $lot, Method $method): MethodFit
    {
        return $this->fits[$lot->cut->slug.' '.$method->value] ??= $this->suitability->judge($lot->cut, $method);
    }

    /**
     * @return non-empty-list<Share>|null where its doneness cannot be had: everyone as it is usually eaten, so that the rest can be
     * judged
     */
    private function asUsual(Wish $wish, Lot $lot): ?array
    {
        return $this->shares->of($wish->asUsual(), $lot->cut);
    }

    /** How much of it, whichever way it is cooked. */
    private function sale(Wish $wish, Lot $lot, int $apart): Sale
    {
        $cut = $lot->cut;
        $wished = $wish->meat->thickness ?? ($cut->build->soldBy === SoldBy::Slice ? $cut->size()->thickness : null);
        $thickness = $lot->thickness ?? ($wished === null ? null : self::within($cut->build, $wished));

        return $wish->meat->size->sale($this->portions, $cut, $wish->eaters, $thickness, $wish->portions(), $apart);
    }

    private static function within(Build $build, Length $thickness): Length
    {
        return Length::ofMillimetres(max($build->thinnestMm, min($build->thickestMm, $thickness->toMillimetres())));
    }

    /** @param  non-empty-list<Share>  $shares */
    private function option(Wish $wish, Lot $lot, Method $method, array $shares, Sale $sale): Option
    {
        $level = Level::Clear;
        foreach ($shares as $share) {
            $level = $level->orStricter($this->outlook->level($wish, $lot, $method, $share));
        }
        $shares = array_map(fn (Share $share): Share => $share->done(
            $this->texture->word($lot->cut, $method, $share->doneness, $this->doneness),
        ), $shares);
        $heads = $wish->eaters->heads();

        return new Option(
            $lot,
            $method,
            $this->fit($lot, $method),
            $shares,
            $sale,
            intdiv(2 * $lot->priceMinor($lot->weighed($sale->raw())) + $heads, 2 * $heads),
            $level,
            $wish->meat->named[$lot->cut->slug] ?? 1.0,
        );
    }

    /** What makes it a stop: the meat itself, or who eats it. */
    private static function danger(Cut $cut, Wish $wish): string
    {
        return match (true) {
            $cut->has(Hazard::Trichinella) => 'safety_trichinella',
            $wish->eaters->isAnyoneAtRisk() => 'safety',
            $cut->foodClass === FoodClass::Minced => 'safety_minced',
            $cut->foodClass === FoodClass::WildGame => 'safety_wild',
            $cut->isBird() => 'safety_bird',
            default => 'safety',
        };
    }

    /** @return list<Refusal> */
    private function refusals(Wish $wish, Option $option, bool $isOwned, bool $isHad): array
    {
        $lot = $option->lot;
        $found = [];
        $refuse = static function (Limit $limit, float $short, string $key, array $args = []) use (&$found, $lot, $option): void {
            /** @var array<string, float|int|string> $args */
            $found[] = new Refusal(
                $limit,
                new Phrase("limit.{$key}", ['cut' => $lot->cut->name, ...$args]),
                $lot,
                $option->method,
                $short,
            );
        };
        if (! $isOwned) {
            $refuse(Limit::Fire, (float) count($option->method->appliances()) + ($option->fit->fit === Fit::Good ? 0.0 : 0.5), 'fire', [
                'method' => $option->method->value,
            ]);
        }
        if (! $this->isOffered($lot, $option->method)) {
            $refuse(Limit::Suits, 1.0, 'suits', ['method' => $option->method->value]);
        }
        $avoided = $this->shares->isAvoided($wish, $lot->cut);
        if ($avoided !== null) {
            $refuse(Limit::Avoid, 1.0, 'avoid', ['what' => $avoided]);
        }
        foreach ($wish->meat->lot->missing($lot) as [$limit, $short, $says]) {
            $found[] = new Refusal($limit, $says, $lot, $option->method, $short);
        }
        if (! $isHad) {
            $refuse(Limit::Doneness, 1.0, 'doneness');
        }
        if ($option->level === Level::Stop) {
            $refuse(Limit::Safety, 1.0, self::danger($lot->cut, $wish));
        }
        $weighedG = $lot->weighed($option->sale->raw())->toGrams();
        if ($lot->left !== null && $lot->left->toGrams() < $weighedG) {
            $shortG = $weighedG - $lot->left->toGrams();
            $refuse(Limit::Weight, $shortG, 'weight', ['left_g' => $lot->left->toGrams(), 'short_g' => $shortG]);
        }
        if ($wish->budgetMinor !== null && $option->perHeadMinor > $wish->budgetMinor) {
            $refuse(Limit::Budget, (float) ($option->perHeadMinor - $wish->budgetMinor), 'budget', [
                'a_head_money' => $option->perHeadMinor / 100.0,
                'over_money' => ($option->perHeadMinor - $wish->budgetMinor) / 100.0,
            ]);
        }
        if ($lot->isPastWhenEaten($wish->now, $wish->eatAt)) {
            $refuse(Limit::UseBy, (float) -($lot->daysLeft($wish->day()) ?? 0), 'use_by', ['day' => $lot->useBy?->format('Y-m-d') ?? '']);
        }
        if (
            $lot->leadDays > 0 &&
            $wish->eatAt !== null &&
            $wish->now->add(new DateInterval("P{$lot->leadDays}D"))->format('Y-m-d') > $wish->eatAt->format('Y-m-d')
        ) {
            $refuse(Limit::Order, (float) $lot->leadDays, 'order', ['days' => $lot->leadDays]);
        }

        return $found;
    }
}
