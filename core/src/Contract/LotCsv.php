<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Stock\Lot;

/** A lot as one line of a table, and back, without loss. */
final class LotCsv
{
    public const HEADER = ['number', 'cut', 'grade', 'thickness_mm', 'weight_g', 'price_per_kg', 'aged_days', 'packed', 'origin', 'use_by', 'parasite_frozen', 'pierced', 'lead_days'];

    private const NUMBERS = ['thickness_mm', 'weight_g', 'price_per_kg', 'aged_days', 'lead_days'];

    private const FLAGS = ['parasite_frozen', 'pierced'];

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

    /** @return list<string> in the order of the header */
    public static function row(Lot $lot): array
    {
        $plain = static fn (?float $value): string => $value === null ? '' : rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');

        return [
            $lot->number, $lot->cut->slug, $lot->grade ?? '', $plain($lot->thickness?->toMillimetres()), $plain($lot->left?->toGrams()),
            number_format($lot->pricePerKgMinor / 100.0, 2, '.', ''), $plain($lot->agedDays), $lot->packed->value, $lot->origin,
            $lot->useBy?->format('Y-m-d') ?? '', $lot->isParasiteFrozen ? 'yes' : 'no', $lot->isPierced ? 'yes' : 'no', $lot->leadDays === 0 ? '' : (string) $lot->leadDays,
        ];
    }
}
