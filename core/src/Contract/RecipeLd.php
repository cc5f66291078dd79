<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Seasoning\Shelf;

/** Seasonings as schema.org Recipes in JSON-LD, and back: a line "36 g sweet paprika" for each part, the rest as properties by name. */
final class RecipeLd
{
    private const CONTEXT = 'https://schema.org';

    private const PROPERTIES = ['kind', 'g_per_kg', 'strength', 'groups', 'target_salt_pct', 'price_per_kg', 'cure_use'];

    private const LINE = '/^\s*(\d+(?:[.,]\d+)?)\s*(g|kg)\s+(.+?)\s*$/u';

    private function __construct() {}

    /**
     * @param  list<Record>  $recipes
     * @return array<string, mixed>
     */
    public static function write(array $recipes, Shelf $shelf): array
    {
        return [
            '@context' => self::CONTEXT,
            '@graph' => array_map(
                static fn (Record $recipe): array => [
                    '@type' => 'Recipe',
                    'identifier' => $recipe->text('slug'),
                    'name' => $recipe->text('name'),
                    'recipeCategory' => $recipe->text('kind'),
                    'recipeIngredient' => array_map(
                        static fn (Record $part): string => self::line($part, $shelf),
                        $recipe->records('parts'),
                    ),
                    'additionalProperty' => self::properties($recipe),
                ],
                $recipes,
            ),
        ];
    }

    private static function line(Record $part, Shelf $shelf): string
    {
        $of = $part->text('of');

        return $part->number('g').' g '.($shelf->ingredient($of)->name ?? $shelf->seasoning($of)->name);
    }

    /** @return list<array<string, mixed>> */
    private static function properties(Record $recipe): array
    {
        $properties = [];
        foreach (self::PROPERTIES as $key) {
            if ($recipe->has($key)) {
                $value = $key === 'groups' ? implode(' ', $recipe->texts('groups')) : $recipe->toArray()[$key];
                $properties[] = ['@type' => 'PropertyValue', 'name' => $key, 'value' => $value];
            }
        }

        return $properties;
    }

    /**
     * @param  array<array-key, mixed>  $data  a Recipe, a list of them, or a graph
     * @return list<array<string, mixed>> for RecipeReader; a line that is not understood stays as it is, to be refused by name
     *
     * @throws InputRefused where no Recipe is in it
     */
    public static function read(array $data, Shelf $shelf): array
    {
        $nodes = $data['@graph'] ?? (array_is_list($data) ? $data : [$data]);
        $nodes = array_values(
            array_filter(
                is_array($nodes) ? $nodes : [],
                static fn (mixed $node): bool => is_array($node) && in_array('Recipe', (array) ($node['@type'] ?? []), true),
            ),
        );
        if ($nodes === []) {
            throw InputRefused::one('@graph', 'missing', null, 'recipe_ld');
        }

        return array_map(static fn (array $node): array => self::recipe($node, self::slugs($shelf)), $nodes);
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  array<string, string>  $slugs  by name
     * @return array<string, mixed>
     */
    private static function recipe(array $node, array $slugs): array
    {
        $recipe = ['name' => $node['name'] ?? null, 'parts' => []];
        if (isset($node['identifier'])) {
            $recipe['slug'] = $node['identifier'];
        }
        foreach (is_array($node['additionalProperty'] ?? null) ? $node['additionalProperty'] : [] as $property) {
            $key = is_array($property) ? $property['name'] ?? null : null;
            if (is_string($key) && in_array($key, self::PROPERTIES, true)) {
                $value = $property['value'] ?? null;
                $recipe[$key] = $key === 'groups' && is_string($value) ? array_values(array_filter(explode(' ', $value))) : $value;
            }
        }
        $recipe['kind'] ??= $node['recipeCategory'] ?? null;
        foreach ((array) ($node['recipeIngredient'] ?? []) as $line) {
            $recipe['parts'][] = self::part(is_string($line) ? $line : '', $slugs);
        }

        return $recipe;
    }

    /**
     * @param  array<string, string>  $slugs
     * @return array<string, mixed>
     */
    private static function part(string $line, array $slugs): array
    {
        if (preg_match(self::LINE, $line, $found) !== 1) {
            return ['of' => $line, 'g' => null];
        }
        $name = mb_strtolower($found[3]);

        return [
            'of' => $slugs[$name] ?? $found[3],
            'g' => (float) str_replace(',', '.', $found[1]) * ($found[2] === 'kg' ? 1000.0 : 1.0),
        ];
    }

    /** @return array<string, string> */
    private static function slugs(Shelf $shelf): array
    {
        $slugs = [];
        foreach ([...$shelf->all(), ...$shelf->ingredients()] as $each) {
            $slugs[mb_strtolower($each->name)] = $each->slug;
            $slugs[$each->slug] = $each->slug;
        }

        return $slugs;
    }
}
