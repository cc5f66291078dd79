<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\BenchOrder;
use App\Models\BenchState;
use App\Models\Shop;
use App\Models\User;
use Nessmark\Bench\ExpectedYield;
use Nessmark\Meat\Cut;

/** What a shop weighed before and after trimming, and what is to be expected after it. */
final readonly class Yields
{
    /** Older ones say little of today's knives. */
    private const LATEST = 60;

    public function expected(Shop $shop, Cut $cut, ?User $cutter = null): ExpectedYield
    {
        $rows = BenchOrder::query()
            ->where('shop_id', $shop->id)
            ->where('cut_slug', $cut->slug)
            ->where('state', BenchState::Done)
            ->whereNotNull(['before_g', 'after_g'])
            ->latest('done_at')
            ->limit(self::LATEST)
            ->get(['before_g', 'after_g', 'cutter_id']);
        $yields = static fn (bool $ofCutter): array => array_values(
            $rows
                ->filter(static fn (BenchOrder $row): bool => ($cutter !== null && $row->cutter_id === $cutter->id) === $ofCutter)
                ->map(static fn (BenchOrder $row): float => (int) $row->after_g / max(1, (int) $row->before_g))
                ->all(),
        );

        return ExpectedYield::of($cut, $yields(false), $yields(true));
    }
}
