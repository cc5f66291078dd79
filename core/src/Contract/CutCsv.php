<?php

declare(strict_types=1);

namespace Nessmark\Contract;

/**
 * A cut as one line of a table, and back, without loss. Nested figures get a column each, with the unit in its name; lists
 * are parted by semicolons; what is nested deeper stands as JSON.
 */
final class CutCsv
{
    /** Column => path in the cut and kind of value. */
    private const COLUMNS = [
        'slug' => ['slug', 'text'],
        'group' => ['group', 'text'],
        'animal' => ['animal', 'text'],
        'region' => ['region', 'text'],
        'name' => ['name', 'text'],
        'names' => ['names', 'named_lists'],
        'item_numbers' => ['item_numbers', 'json'],
        'muscles' => ['muscles', 'list'],
        'form' => ['form', 'text'],
        'food_class' => ['food_class', 'text'],
        'shape' => ['shape', 'text'],
        'thickness_min_mm' => ['thickness_mm.min', 'number'],
        'thickness_typical_mm' => ['thickness_mm.typical', 'number'],
        'thickness_max_mm' => ['thickness_mm.max', 'number'],
        'weight_low_g' => ['weight_g.low', 'number'],
        'weight_typical_g' => ['weight_g.typical', 'number'],
        'weight_high_g' => ['weight_g.high', 'number'],
        'sold_by' => ['sold_by', 'text_or_nothing'],
        'bones' => ['bones', 'number_or_nothing'],
        'per_animal' => ['per_animal', 'number_or_null'],
        'availability' => ['availability', 'text'],
        'bone' => ['bone', 'text'],
        'bone_share' => ['bone_share', 'number'],
        'skin' => ['skin', 'flag'],
        'pin_bones' => ['pin_bones', 'flag'],
        'membrane' => ['membrane', 'text'],
        'fat_cap_mm' => ['fat_cap_mm', 'number'],
        'water' => ['composition.water', 'number'],
        'protein' => ['composition.protein', 'number'],
        'fat' => ['composition.fat', 'number'],
        'carbohydrate' => ['composition.carbohydrate', 'number_or_nothing'],
        'ash' => ['composition.ash', 'number'],
        'composition_sources' => ['composition.sources', 'list'],
        'fibre' => ['fibre', 'text'],
        'portion' => ['portion', 'text'],
        'doneness_family' => ['doneness.family', 'text'],
        'doneness_default' => ['doneness.default', 'text'],
        'trim_low' => ['yields.trim.low', 'number'],
        'trim_high' => ['yields.trim.high', 'number'],
        'cooking_low' => ['yields.cooking.low', 'number'],
        'cooking_high' => ['yields.cooking.high', 'number'],
        'price_class' => ['price_class', 'number'],
        'flavour' => ['flavour', 'number'],
        'slice' => ['slice', 'text'],
        'hazards' => ['hazards', 'list'],
        'recognise' => ['recognise', 'text'],
        'method_exceptions' => ['method_exceptions', 'json'],
        'sources' => ['sources', 'named_lists'],
    ];

    private function __construct() {}

    /** @return list<string> */
    public static function header(): array
    {
        return array_keys(self::COLUMNS);
    }

    /**
     * @param  array<array-key, mixed>  $cut  in the form of core/data/schema/cut.json
     * @return list<string>
     */
    public static function row(array $cut): array
    {
        return array_values(
            array_map(static fn (array $column): string => self::written(self::at($cut, $column[0]), $column[1]), self::COLUMNS),
        );
    }

    /**
     * @param  array<string, string>  $cells  by column; what is no number stays as typed, for the check to refuse by name
     * @return array<string, mixed> a cut in the form of core/data/schema/cut.json, whole or not
     */
    public static function cut(array $cells): array
    {
        $cut = [];
        foreach (self::COLUMNS as $column => [$path, $kind]) {
            $cell = trim($cells[$column] ?? '');
            if (! array_key_exists($column, $cells) || ($cell === '' && str_ends_with($kind, '_or_nothing'))) {
                continue;
            }
            $cut = self::put($cut, explode('.', $path), self::understood($cell, $kind));
        }

        return $cut;
    }

    /**
     * @param  array<string, mixed>  $into
     * @param  list<string>  $path
     * @return array<string, mixed>
     */
    private static function put(array $into, array $path, mixed $value): array
    {
        $key = array_shift($path) ?? '';
        if ($path === []) {
            return [...$into, $key => $value];
        }
        $inner = [];
        foreach ((array) ($into[$key] ?? []) as $name => $held) {
            $inner[(string) $name] = $held;
        }

        return [...$into, $key => self::put($inner, $path, $value)];
    }

    /** @param  array<array-key, mixed>  $cut */
    private static function at(array $cut, string $path): mixed
    {
        $value = $cut;
        foreach (explode('.', $path) as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return $value;
    }

    private static function written(mixed $value, string $kind): string
    {
        return match (true) {
            $value === null => '',
            $kind === 'json' => (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            $kind === 'flag' => $value === true ? 'yes' : 'no',
            is_array($value) && $kind === 'named_lists' => implode(
                ' | ',
                array_map(
                    static fn (int|string $name, mixed $list): string => "{$name}: ".self::written($list, 'list'),
                    array_keys($value),
                    $value,
                ),
            ),
            is_array($value) => implode('; ', array_filter($value, is_string(...))),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }

    private static function understood(string $cell, string $kind): mixed
    {
        $number = is_numeric(str_replace(',', '.', $cell)) ? str_replace(',', '.', $cell) + 0 : $cell;

        return match ($kind) {
            'number', 'number_or_nothing' => $number,
            'number_or_null' => $cell === '' ? null : $number,
            'flag' => match (mb_strtolower($cell)) {
                'yes', 'true', '1' => true,
                'no', 'false', '0', '' => false,
                default => $cell,
            },
            'list' => self::list($cell),
            'named_lists' => self::namedLists($cell),
            'json' => $cell === '' ? [] : json_decode($cell, true) ?? $cell,
            default => $cell,
        };
    }

    /** @return list<string> */
    private static function list(string $cell): array
    {
        return array_values(array_filter(array_map(trim(...), explode(';', $cell)), static fn (string $item): bool => $item !== ''));
    }

    /** @return array<string, list<string>>|string the cell itself when it has no "name: …" */
    private static function namedLists(string $cell): array|string
    {
        $lists = [];
        foreach (array_filter(array_map(trim(...), explode('|', $cell))) as $part) {
            [$name, $items] = [...explode(':', $part, 2), null];
            if ($items === null) {
                return $cell;
            }
            $lists[trim((string) $name)] = self::list($items);
        }

        return $lists;
    }
}
