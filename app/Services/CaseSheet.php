<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot;
use App\Models\User;
use DateTimeImmutable;
use Nessmark\Bench\WholePiece;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Contract\LotReader;
use Nessmark\Errors\InputRefused;

/** The case as it is looked at: every lot, sold out or not, with what is worth knowing of it today. */
final readonly class CaseSheet
{
    public function __construct(private ShopCatalogue $catalogues, private Stock $stock) {}

    /** @return array<string, mixed> */
    public function of(User $user): array
    {
        $catalogue = $this->catalogues->of($user->shop);
        $reader = $this->stock->reader($user->shop);
        $today = $user->shop->now();
        $rows = Lot::query()->where('shop_id', $user->shop_id)->get()->sortBy('number');
        $lots = array_map(fn (Lot $row): array => $this->lot($row, $catalogue, $reader, $today), array_values($rows->all()));
        $there = array_filter($lots, static fn (array $lot): bool => $lot['lead_days'] === 0 && $lot['weight_g'] > 0);

        return [
            'currency' => $user->shop->currency,
            'lots' => $lots,
            'totals' => [
                'lots' => count($there),
                'weight_g' => array_sum(array_column($there, 'weight_g')),
                'value' => round(
                    array_sum(array_map(static fn (array $lot): float => ($lot['weight_g'] * $lot['price_per_kg']) / 1000.0, $there)),
                    2,
                ),
                'past' => count(array_filter($there, static fn (array $lot): bool => ($lot['days_left'] ?? 0) < 0)),
                'due' => count(array_filter($there, static fn (array $lot): bool => in_array($lot['days_left'], [0, 1], true))),
                'sold_out' => count(
                    array_filter($lots, static fn (array $lot): bool => $lot['lead_days'] === 0 && (int) $lot['weight_g'] === 0),
                ),
            ],
            'may_change' => $user->role->changesCase(),
        ];
    }

    /** @return array{lead_days: int, weight_g: int|null, price_per_kg: float, days_left: int|null, ...} */
    private function lot(Lot $row, Catalogue $catalogue, LotReader $reader, DateTimeImmutable $today): array
    {
        $data = Stock::data($row->getRawOriginal(), $today);
        $cut = $catalogue->knows($row->cut_slug) ? $catalogue->cut($row->cut_slug) : null;
        try {
            $lot = $reader->read($data);
        } catch (InputRefused) {
            $lot = null;
        }

        return [
            'id' => $row->id,
            ...$data,
            'cut_name' => $cut?->name,
            'group' => $cut?->group->value,
            'is_round' => $cut?->build->isRound() ?? false,
            'fat_pct' => $lot?->fat === null ? null : round($lot->fat->meanPct, 1),
            'days_left' => $lot?->daysLeft($today),
            'fits_cut' => $lot !== null,
            'is_whole' => $lot !== null && WholePiece::canBe($lot),
        ];
    }
}
