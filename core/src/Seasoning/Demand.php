<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\Record;

/** What must not be in it, for whoever eats of these pieces. A doubt counts as a yes: it can only tighten. */
final readonly class Demand
{
    /** Salted itself, for who goes without salt, kg/kg. Ours. */
    private const SALTY_FROM = 0.02;

    /** Said of the sort of thing or its look, not of what it is made from. */
    private const SORTS = ['sauce', 'salt', 'juice', 'paste', 'fresh', 'dried', 'ground', 'grated', 'chopped', 'sharp', 'smooth',
        'dark', 'dry', 'black', 'white', 'green', 'brown', 'red', 'sweet', 'smoked', 'free', 'with', 'seed'];

    /** Shorter words begin too many others. */
    private const NAME_FROM_LETTERS = 3;

    /**
     * @param  list<string>  $words  as they were said
     * @param  list<Allergen>  $allergens  that they stand for
     * @param  list<string>  $unknown  those nobody here can look up in what a seasoning is made of
     */
    private function __construct(public array $words, public array $allergens, public array $unknown) {}

    /**
     * @param  list<string>  $words
     * @param  Record  $known  words, each with the allergens it stands for
     */
    public static function of(array $words, Record $known): self
    {
        $allergens = $unknown = [];
        foreach ($words as $word) {
            if (! $known->has($word)) {
                $unknown[] = $word;

                continue;
            }
            $allergens = [...$allergens, ...array_map(Allergen::from(...), $known->texts($word))];
        }

        return new self($words, array_values(array_unique($allergens, SORT_REGULAR)), $unknown);
    }

    public function isNone(): bool
    {
        return $this->words === [];
    }

    /** It is in it, or may be. */
    public function forbids(Ingredient $ingredient): bool
    {
        return $this->isIn($ingredient) || $this->mayBeIn($ingredient);
    }

    private function isIn(Ingredient $ingredient): bool
    {
        return array_intersect($this->words, $ingredient->words) !== [] ||
            array_uintersect($this->allergens, $ingredient->allergens, self::compared(...)) !== [] ||
            ($ingredient->salt >= self::SALTY_FROM && in_array('salt', $this->words, true));
    }

    /** Only its label might say so: nobody at the counter can vouch for it. */
    public function mayBeIn(Ingredient $ingredient): bool
    {
        return ! $this->isIn($ingredient) && array_uintersect($this->allergens, $ingredient->mayContain, self::compared(...)) !== [];
    }

    /** Whether the seasoning can be served as it is. */
    public function allows(Seasoning $seasoning): bool
    {
        return $this->unknown === [] && $this->first($seasoning) === null;
    }

    /** The first of its ingredients that will not do. */
    public function first(Seasoning $seasoning): ?Ingredient
    {
        foreach ($seasoning->amounts as $amount) {
            if ($this->forbids($amount->ingredient)) {
                return $amount->ingredient;
            }
        }

        return null;
    }

    /** With what may take the place of what is forbidden; null where nothing can. */
    public function swapped(Seasoning $seasoning, Shelf $shelf): ?Seasoning
    {
        $isSalted = $seasoning->kind === Kind::WetBrine; // its salt is worked out, and stands in no recipe
        if ($this->unknown !== [] || ($isSalted && $this->forbids($shelf->salt()))) {
            return null;
        }
        $amounts = [];
        foreach ($seasoning->amounts as $amount) {
            $instead = match (true) {
                ! $this->forbids($amount->ingredient) => $amount->ingredient,
                self::isItsName($seasoning, $amount->ingredient) => null,
                default => $this->instead($amount->ingredient, $shelf),
            };
            if ($instead === null) {
                return null;
            }
            $amounts[] = $instead === $amount->ingredient ? $amount : new Amount($instead, $amount->share, $amount->ingredient->name);
        }

        return $seasoning->of($amounts);
    }

    /** Garlic butter without garlic is another butter. */
    private static function isItsName(Seasoning $seasoning, Ingredient $ingredient): bool
    {
        $named = self::words($seasoning->name);
        foreach (self::words(implode(' ', [$ingredient->name, ...$ingredient->words])) as $word) {
            foreach ($named as $name) {
                if (str_starts_with($word, rtrim($name, 's')) || str_starts_with($name, rtrim($word, 's'))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<string> that say what it is made of */
    private static function words(string $name): array
    {
        $words = preg_split('/[^a-z]+/', strtolower($name)) ?: [];

        return array_values(
            array_filter(
                array_diff($words, self::SORTS),
                static fn (string $word): bool => strlen($word) >= self::NAME_FROM_LETTERS,
            ),
        );
    }

    private function instead(Ingredient $ingredient, Shelf $shelf): ?Ingredient
    {
        foreach ($ingredient->swaps as $swap) {
            $with = $shelf->ingredient($swap['with']);
            if ($with !== null && ! $this->forbids($with)) {
                return $with;
            }
        }

        return null;
    }

    private static function compared(Allergen $a, Allergen $b): int
    {
        return $a->value <=> $b->value;
    }
}
