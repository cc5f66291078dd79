<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Data\Record;

/** Seasonings as a table, a line for each part, and back without loss. */
final class RecipeCsv
{
    public const HEADER = [
        'slug', 'name', 'kind', 'g_per_kg', 'groups', 'strength', 'target_salt_pct', 'price_per_kg', 'cure_use', 'of', 'g',
    ];

    private const NUMBERS = ['g_per_kg', 'target_salt_pct', 'price_per_kg'];

    private function __construct() {}

    /** @return list<list<string>> in the order of the header */
    public static function rows(Record $recipe): array
    {
        return array_map(
            static fn (Record $part): array => [
                $recipe->text('slug'),
                $recipe->text('name'),
                $recipe->text('kind'),
                (string) $recipe->number('g_per_kg'),
                implode(' ', $recipe->texts('groups')),
                (string) (int) $recipe->number('strength'),
                self::cell($recipe, 'target_salt_pct'),
                self::cell($recipe, 'price_per_kg'),
                $recipe->textOrNull('cure_use') ?? '',
                $part->text('of'),
                (string) $part->number('g'),
            ],
            $recipe->records('parts'),
        );
    }

    /**
     * @param  list<array<string, string>>  $rows  by column; what is no number stays as typed, for the reader to refuse
     * @return list<array<string, mixed>> for RecipeReader, in the order they first appear
     */
    public static function recipes(array $rows): array
    {
        $recipes = $parts = [];
        foreach ($rows as $row) {
            $slug = trim($row['slug'] ?? '') === '' ? trim($row['name'] ?? '') : trim($row['slug']);
            $recipes[$slug] ??= self::head($row);
            $g = trim($row['g'] ?? '');
            $parts[$slug][] = ['of' => trim($row['of'] ?? ''), 'g' => is_numeric($g) ? (float) $g : $g];
        }

        return array_map(
            static fn (array $recipe, array $of): array => [...$recipe, 'parts' => $of],
            array_values($recipes),
            array_values($parts),
        );
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>
     */
    private static function head(array $row): array
    {
        $recipe = [];
        foreach (array_slice(self::HEADER, 0, -2) as $column) {
            $cell = trim($row[$column] ?? '');
            if ($cell !== '') {
                $recipe[$column] = match (true) {
                    $column === 'groups' => explode(' ', $cell),
                    $column === 'strength' && ctype_digit($cell) => (int) $cell,
                    in_array($column, self::NUMBERS, true) && is_numeric($cell) => (float) $cell,
                    default => $cell,
                };
            }
        }

        return $recipe;
    }

    private static function cell(Record $recipe, string $key): string
    {
        return $recipe->has($key) ? (string) $recipe->number($key) : '';
    }
}
