<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot as LotRow;
use App\Models\Shop;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Contract\LotReader;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\Stock\Lot;

/** Between rows and the core: what lies in the case, and what can be ordered. */
final readonly class Stock
{
    public function __construct(private ShopCatalogue $catalogues, private GradeTable $grades) {}

    /** @return list<array<string, mixed>> every lot in the form of LotReader, for a file */
    public function table(Shop $shop): array
    {
        $rows = LotRow::query()->where('shop_id', $shop->id)->get()->sortBy('number');

        $today = $shop->now();

        return array_values(array_map(static fn (LotRow $row): array => self::data($row->getRawOriginal(), $today), $rows->all()));
    }

    public function reader(Shop $shop): LotReader
    {
        return new LotReader($this->catalogues->of($shop), $this->grades);
    }

    /** @return list<Lot> what there is some of, or can be ordered */
    public function of(Shop $shop, Catalogue $catalogue): array
    {
        $reader = new LotReader($catalogue, $this->grades);
        $today = $shop->now();
        $lots = [];
        $rows = DB::table('lots')
            ->where('shop_id', $shop->id)
            ->where(fn (Builder $query) => $query->whereNull('left_g')->orWhere('left_g', '>', 0))
            ->orderBy('number')
            ->get();
        foreach ($rows as $row) {
            $lot =
                $catalogue->knows((string) $row->cut_slug) && ! $catalogue->isHidden((string) $row->cut_slug)
                    ? $this->read($reader, (array) $row, $today)
                    : null;
            if ($lot !== null) {
                $lots[] = $lot;
            }
        }

        return $lots;
    }

    /**
     * A row that no longer fits its cut, because the shop changed the cut, is left out of matching; the case still shows it.
     *
     * @param  array<string, mixed>  $row
     */
    private function read(LotReader $reader, array $row, DateTimeImmutable $today): ?Lot
    {
        try {
            return $reader->read(self::data($row, $today));
        } catch (InputRefused) {
            return null;
        }
    }

    /**
     * @return array{LotRow|null, Lot|null} the row to sell from, and what the core makes of it
     *
     * @throws InputRefused if the shop has no such lot
     */
    public function soldFrom(Shop $shop, mixed $number): array
    {
        if ($number === null) {
            return [null, null];
        }
        $row =
            (is_string($number) ? LotRow::query()->where('shop_id', $shop->id)->where('number', $number)->first() : null) ??
            throw InputRefused::one('lot', 'not_allowed', $number, 'lot');

        return [$row, $this->reader($shop)->read(self::data($row->getRawOriginal(), $shop->now()))];
    }

    /**
     * @param  array<string, mixed>  $raw  columns of a row
     * @param  DateTimeImmutable  $today  by the shop's clock
     * @return array{number: scalar|null, cut: scalar|null, grade: scalar|null, thickness_mm: float|null, weight_g: int|null,
     *     price_per_kg: float, aged_days: int|null, packed: scalar|null, origin: scalar|null, use_by: string|null,
     *     parasite_frozen: bool, pierced: bool, stuffed: bool, rearing: scalar|null, lead_days: int, trim_pct: float|null}
     *     in the form of LotReader
     */
    public static function data(array $raw, DateTimeImmutable $today): array
    {
        /** @var array<string, scalar|null> $row as a database gives it */
        $row = $raw;
        $agedFrom = $row['aged_from'] === null ? null : new DateTimeImmutable(substr((string) $row['aged_from'], 0, 10));

        return [
            'number' => $row['number'],
            'cut' => $row['cut_slug'],
            'grade' => $row['grade'],
            'thickness_mm' => $row['thickness_mm'] === null ? null : (float) $row['thickness_mm'],
            'weight_g' => $row['left_g'] === null ? null : (int) $row['left_g'],
            'price_per_kg' => (int) $row['price_per_kg_minor'] / 100.0,
            'aged_days' => $agedFrom === null
                    ? null
                    : min(400, max(0, (int) $agedFrom->diff(new DateTimeImmutable($today->format('Y-m-d')))->format('%r%a'))),
            'packed' => $row['packed'],
            'origin' => $row['origin'] === '' ? null : $row['origin'],
            'use_by' => $row['use_by'] === null ? null : substr((string) $row['use_by'], 0, 10),
            'parasite_frozen' => (bool) $row['parasite_frozen'],
            'pierced' => (bool) $row['pierced'],
            'stuffed' => (bool) $row['stuffed'],
            'rearing' => $row['rearing'],
            'lead_days' => (int) $row['lead_days'],
            'trim_pct' => $row['trim_pct'] === null ? null : (float) $row['trim_pct'],
        ];
    }

    /**
     * @return array{number: string, cut_slug: string, grade: string|null, thickness_mm: float|null, left_g: int|null,
     *     price_per_kg_minor: int, aged_from: string|null, packed: string, origin: string, use_by: string|null,
     *     parasite_frozen: bool, pierced: bool, stuffed: bool, rearing: string|null, lead_days: int, trim_pct: float|null}
     *     columns of a row
     */
    public static function columns(Lot $lot, DateTimeImmutable $today): array
    {
        return [
            'number' => $lot->number,
            'cut_slug' => $lot->cut->slug,
            'grade' => $lot->grade,
            'thickness_mm' => $lot->thickness?->toMillimetres(),
            'left_g' => $lot->left === null ? null : (int) round($lot->left->toGrams()),
            'price_per_kg_minor' => $lot->pricePerKgMinor,
            'aged_from' => $lot->agedDays === null ? null : $today->modify("-{$lot->agedDays} days")->format('Y-m-d'),
            'packed' => $lot->packed->value,
            'origin' => $lot->origin,
            'use_by' => $lot->useBy?->format('Y-m-d'),
            'parasite_frozen' => $lot->isParasiteFrozen,
            'pierced' => $lot->isPierced,
            'stuffed' => $lot->isStuffed,
            'rearing' => $lot->rearing?->value,
            'lead_days' => $lot->leadDays,
            'trim_pct' => $lot->trimShare === null ? null : 100.0 * $lot->trimShare,
        ];
    }
}
