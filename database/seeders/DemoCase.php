<?php

declare(strict_types=1);

namespace Database\Seeders;

/** What lies in the made-up shop's case: made-up deliveries from made-up places. */
final class DemoCase
{
    /**
     * Number, cut, grade, thickness (null: a whole piece), grams, price a kilo, days hung, packed, origin, days until its last day, more.
     *
     * @var list<array{string, string, string|null, float|null, int, float, int|null, string, string, int, 10?: array<string, bool|int>}>
     */
    private const LOTS = [
        ['R-114', 'beef-rib-eye-steak', 'usda_quality:choice', 32, 4150, 41.5, 24, 'dry', 'Hallen farm', 6],
        ['R-115', 'beef-flat-iron-steak', 'usda_quality:choice', 26, 1680, 27.9, 15, 'wet', 'Hallen farm', 5],
        ['R-118', 'beef-rump-cap-steak', null, 38, 2240, 29.5, 15, 'wet', 'Hallen farm', 4],
        ['R-121', 'beef-feather-blade', null, null, 4400, 16.8, 12, 'wet', 'Hallen farm', 7],
        ['R-122', 'beef-shin-slices', null, 40, 3600, 13.2, null, 'wet', 'Hallen farm', 4],
        ['R-126', 'beef-burger', null, 22, 3200, 15.4, null, 'wet', 'Own bench', 1],
        ['R-127', 'beef-outside-skirt', null, 13, 1350, 24.0, 8, 'wet', 'Hallen farm', 3],
        ['R-130', 'beef-rib-steak-bone-in', 'usda_marbling:modest', 52, 4100, 39.0, 36, 'dry', 'Hallen farm', 8],
        ['S-041', 'pork-collar-steak', null, 28, 3100, 12.6, null, 'wet', 'Myrvik', 3],
        ['S-042', 'pork-belly', null, null, 6200, 9.9, null, 'wet', 'Myrvik', 4],
        ['S-044', 'pork-tenderloin', null, null, 2250, 17.5, null, 'wet', 'Myrvik', 3],
        ['S-047', 'pork-spare-ribs', null, 30, 3600, 10.8, null, 'wet', 'Myrvik', 3],
        ['L-027', 'lamb-rump', null, 45, 1704, 28.4, 9, 'wet', 'Outer isles', 4],
        ['L-028', 'lamb-loin-chop', null, 30, 1560, 31.0, 9, 'wet', 'Outer isles', 4],
        ['L-029', 'lamb-fore-shank', null, 60, 3040, 14.5, 9, 'wet', 'Outer isles', 5],
        ['L-031', 'lamb-leg-bone-in', null, null, 5000, 18.9, 9, 'wet', 'Outer isles', 5],
        ['G-009', 'venison-haunch-steak', null, 28, 2520, 29.9, 10, 'wet', 'Fell park', 5],
        ['G-010', 'venison-shoulder', null, 28, 2400, 17.2, 8, 'wet', 'Fell park', 3],
        ['G-012', 'guinea-fowl-whole', null, null, 3900, 16.5, null, 'dry', 'Myrvik', 3],
        ['K-201', 'chicken-breast', null, 26, 3500, 14.9, null, 'wet', 'Myrvik', 2],
        ['K-202', 'chicken-leg', null, 42, 3360, 7.2, null, 'wet', 'Myrvik', 2],
        ['K-203', 'chicken-whole', null, null, 8000, 9.4, null, 'dry', 'Myrvik', 3],
        ['K-205', 'duck-breast', null, 22, 2216, 24.5, 6, 'dry', 'Myrvik', 4],
        ['F-077', 'salmon-loin', null, 30, 2670, 29.8, null, 'wet', 'North sound', 1, ['parasite_frozen' => true]],
        ['F-078', 'turbot-steak', null, 38, 1920, 44.0, null, 'wet', 'Varr bank', 1],
        ['F-079', 'cod-loin', null, 30, 1980, 27.0, null, 'wet', 'Varr bank', 1],
        ['F-080', 'mackerel-fillet', null, 12, 1320, 13.5, null, 'wet', 'Varr bank', 0],
        ['F-081', 'mussels', null, null, 5000, 7.8, null, 'wet', 'Varr ropes', 1],
        ['V-015', 'veal-shank-slices', null, 40, 2450, 23.5, null, 'wet', 'Hallen farm', 4],
        ['O-301', 'goose-breast', null, null, 0, 32.0, null, 'dry', 'Myrvik', 0, ['lead_days' => 3]],
        ['O-302', 'venison-saddle', null, null, 0, 36.0, null, 'wet', 'Fell park', 0, ['lead_days' => 4]],
        ['O-303', 'beef-hanging-tender', null, 45, 0, 25.5, null, 'wet', 'Hallen farm', 0, ['lead_days' => 2]],
    ];

    /** @return list<array<string, mixed>> in the form of LotReader */
    public static function lots(): array
    {
        return array_map(static function (array $row): array {
            $more = $row[10] ?? [];
            $isOrder = isset($more['lead_days']);

            return [
                'number' => $row[0], 'cut' => $row[1], 'grade' => $row[2], 'thickness_mm' => $row[3], 'weight_g' => $isOrder ? null : $row[4], 'price_per_kg' => $row[5], 'aged_days' => $row[6], 'packed' => $row[7], 'origin' => $row[8],
                'use_by' => $isOrder ? null : now()->addDays($row[9])->format('Y-m-d'), ...$more,
            ];
        }, self::LOTS);
    }
}
