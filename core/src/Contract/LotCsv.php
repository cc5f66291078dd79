<?php

declare(strict_types=1);

namespace Nessmark\Contract;

/** A lot as one line of a table, and back, without loss. */
final class LotCsv
{
    public const HEADER = [
        'number',
        'cut',
        'grade',
        'thickness_mm',
        'weight_g',
        'price_per_kg',
        'aged_days',
        'packed',
        'origin',
        'use_by',
        'parasite_frozen',
        'pierced',
        'stuffed',
        'rearing',
        'lead_days',
        'trim_pct',
    ];

    private const NUMBERS = ['thickness_mm', 'weight_g', 'price_per_kg', 'aged_days', 'lead_days', 'trim_pct'];

    private const FLAGS = ['parasite_frozen', 'pierced', 'stuffed'];

    private function __construct() {}

    /**
     * @param  array<string, string>  $cells  by column; what is no number stays as typed, for the reader to refuse by name
     * @return array<string, mixed> for LotReader
     */
    public static function lot(array $cells): array
    {
        $lot = [];
        foreach ($cells as $column => $cell) {
            $cell = trim($cell);
            $lot[$column] = match (true) {
                $cell === '' => null,
                in_array($column, self::NUMBERS, true) && is_numeric($cell) => (float) $cell,
                in_array($column, self::FLAGS, true) => ['yes' => true, 'no' => false][strtolower($cell)] ?? $cell,
                default => $cell,
            };
        }

        return $lot;
    }

    /**
     * @param  array<string, mixed>  $lot  in the form of LotReader
     * @return list<string> in the order of the header
     */
    public static function cells(array $lot): array
    {
        return array_map(static function (string $column) use ($lot): string {
            $value = $lot[$column] ?? null;

            return match (true) {
                $column === 'price_per_kg' && is_numeric($value) => number_format((float) $value, 2, '.', ''),
                $column === 'lead_days' && $value === 0 => '',
                is_bool($value) => $value ? 'yes' : 'no',
                is_float($value) => rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.'),
                is_int($value), is_string($value) => (string) $value,
                default => '',
            };
        }, self::HEADER);
    }
}
