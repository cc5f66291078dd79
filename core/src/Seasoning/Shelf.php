<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use LogicException;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;

/** Every seasoning that can be had, down to its ingredients: those shipped, and a shop's own laid over them. */
final readonly class Shelf
{
    /** The salt that a brine is worked out in, and that goes beside whatever has too little of it. */
    public const SALT = 'fine_salt';

    /**
     * @param  array<string, Ingredient>  $ingredients  by slug
     * @param  array<string, Record>  $recipes  by slug
     * @param  array<string, Seasoning>  $seasonings  by slug
     */
    private function __construct(private array $ingredients, private array $recipes, private array $seasonings) {}

    public static function from(DataFolder $folder): self
    {
        $ingredients = [];
        foreach ($folder->read('seasonings/ingredients.json')->records('ingredients') as $record) {
            $ingredients[$record->text('slug')] = Ingredient::fromRecord($record);
        }

        return (new self($ingredients, [], []))->with($folder->read('seasonings/shelf.json')->records('seasonings'), false);
    }

    /**
     * The shelf with these recipes on it as well; one of the same slug takes the other's place.
     *
     * @param  list<Record>  $recipes  in the form of the shipped ones; whether they hold together was asked before (RecipeReader)
     */
    public function with(array $recipes, bool $areOwn = true): self
    {
        $all = $this->recipes;
        $seasonings = $this->seasonings;
        foreach ($recipes as $recipe) {
            $all[$recipe->text('slug')] = $recipe;
        }
        foreach ($recipes as $recipe) {
            $seasonings[$recipe->text('slug')] = self::resolved($recipe, $this->flat($recipe, $all, []), $areOwn);
        }
        $with = new self($this->ingredients, $all, $seasonings);
        $changed = array_filter(
            array_map(static fn (Record $recipe): string => $recipe->text('slug'), $recipes),
            fn (string $slug): bool => isset($this->recipes[$slug]),
        );
        foreach ($changed === [] ? [] : $this->seasonings as $slug => $seasoning) {
            // what is made of it is otherwise as well
            if (array_filter($changed, static fn (string $of): bool => $slug !== $of && $with->isMadeOf($slug, $of)) !== []) {
                $seasonings[$slug] = self::resolved($all[$slug], $this->flat($all[$slug], $all, []), $seasoning->isOwn);
            }
        }

        return new self($this->ingredients, $all, $seasonings);
    }

    /** @param  array<string, float>  $shares  of ingredients by slug */
    private function resolved(Record $recipe, array $shares, bool $isOwn): Seasoning
    {
        $amounts = array_map(
            fn (string $slug, float $share): Amount => new Amount($this->ingredients[$slug], $share),
            array_keys($shares),
            array_values($shares),
        );

        return new Seasoning(
            $recipe->text('slug'),
            $recipe->text('name'),
            Kind::from($recipe->text('kind')),
            $recipe->number('g_per_kg'),
            $recipe->texts('groups'),
            (int) $recipe->number('strength'),
            $amounts === [] ? throw new LogicException("{$recipe->text('slug')} is made of nothing.") : $amounts,
            $recipe->numberOrNull('target_salt_pct'),
            $isOwn,
            $recipe->numberOrNull('price_per_kg'),
            $recipe->textOrNull('cure_use'),
        );
    }

    /**
     * @param  array<string, Record>  $recipes
     * @param  list<string>  $inside  what this is a part of
     * @return array<string, float> shares of ingredients, adding up to one
     *
     * @throws LogicException where something is made of itself, or of what nobody knows
     */
    private function flat(Record $recipe, array $recipes, array $inside): array
    {
        $slug = $recipe->text('slug');
        if (in_array($slug, $inside, true)) {
            throw new LogicException("{$slug} is made of itself.");
        }
        $grams = [];
        foreach ($recipe->records('parts') as $part) {
            $of = $part->text('of');
            $shares = match (true) {
                isset($this->ingredients[$of]) => [$of => 1.0],
                isset($recipes[$of]) => $this->flat($recipes[$of], $recipes, [...$inside, $slug]),
                default => throw new LogicException("{$slug}: nobody knows {$of}."),
            };
            foreach ($shares as $ingredient => $share) {
                $grams[$ingredient] = ($grams[$ingredient] ?? 0.0) + $share * $part->number('g');
            }
        }
        $sum = array_sum($grams);

        return $sum > 0.0 ? array_map(static fn (float $g): float => $g / $sum, $grams) : [];
    }

    public function knows(string $slug): bool
    {
        return isset($this->seasonings[$slug]);
    }

    public function seasoning(string $slug): Seasoning
    {
        return $this->seasonings[$slug] ?? throw new LogicException("No seasoning {$slug}.");
    }

    public function recipe(string $slug): Record
    {
        return $this->recipes[$slug] ?? throw new LogicException("No seasoning {$slug}.");
    }

    /** Whether one is made, however deep, of the other. */
    public function isMadeOf(string $slug, string $other): bool
    {
        foreach ($this->recipe($slug)->records('parts') as $part) {
            $of = $part->text('of');
            if ($of === $other || (isset($this->recipes[$of]) && $this->isMadeOf($of, $other))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Seasoning> in the order of the shelf */
    public function all(): array
    {
        return array_values($this->seasonings);
    }

    public function ingredient(string $slug): ?Ingredient
    {
        return $this->ingredients[$slug] ?? null;
    }

    public function salt(): Ingredient
    {
        return $this->ingredients[self::SALT];
    }

    /** @return list<Ingredient> */
    public function ingredients(): array
    {
        return array_values($this->ingredients);
    }
}
