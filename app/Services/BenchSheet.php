<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\BenchOrder;
use App\Models\BenchState;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Nessmark\Bench\ExpectedYield;
use Nessmark\Catalogue\Catalogue;

/** The queue of the bench as the cutter sees it: what is due first, on top; what was finished today, below. */
final readonly class BenchSheet
{
    private const MOST = 100;

    public function __construct(private Yields $yields, private ShopCatalogue $catalogues) {}

    /** @return array<string, mixed> */
    public function of(User $user): array
    {
        $dayBegan = $user->shop->now()->setTime(0, 0)->setTimezone(new \DateTimeZone('UTC'));
        $orders = BenchOrder::query()
            ->with(['lot', 'cutter', 'dish'])
            ->where('shop_id', $user->shop_id)
            ->where(
                fn (Builder $query) => $query
                    ->whereIn('state', [BenchState::Waiting, BenchState::Taken])
                    ->orWhere(fn (Builder $done) => $done->where('state', BenchState::Done)->where('done_at', '>=', $dayBegan)),
            )
            ->orderByRaw("state = 'done'")
            ->orderByRaw('due_at IS NOT NULL')
            ->orderBy('due_at')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();
        $catalogue = $this->catalogues->of($user->shop);
        $open = $orders->filter(static fn (BenchOrder $order): bool => $order->state !== BenchState::Done);

        return [
            'orders' => array_map(fn (BenchOrder $order): array => $this->row($order, $user, $catalogue), array_values($orders->all())),
            'open' => $open->count(),
            'work_s' => $open->sum(static fn (BenchOrder $order): float => $order->workS()),
            'stand_ins' => config('devices.stand_ins') === true,
        ];
    }

    /** @return array<string, mixed> */
    public function row(BenchOrder $order, User $user, ?Catalogue $catalogue = null): array
    {
        $catalogue ??= $this->catalogues->of($user->shop);
        $expected = $catalogue->knows($order->cut_slug)
            ? $this->yields->expected($user->shop, $catalogue->cut($order->cut_slug), $order->cutter ?? $user)
            : null;

        return [
            'id' => $order->id,
            'cut' => $order->cut_slug,
            'cut_name' => $order->cut_name,
            'method' => $order->method,
            'pieces' => $order->pieces,
            'thickness_mm' => (float) $order->thickness_mm,
            'lot' => $order->lot?->number,
            'customer' => $order->customer,
            'ticket' => $order->dish?->ticket_id,
            'due_at' => $order->due_at?->toAtomString(),
            'state' => $order->state->value,
            'cutter' => $order->cutter?->name,
            'steps_done' => $order->steps_done,
            'work' => $order->asKept(), // what is an object stays one
            'before_g' => $order->before_g,
            'after_g' => $order->after_g,
            'yield_pct' => $order->before_g === null || $order->after_g === null
                    ? null
                    : round((100.0 * $order->after_g) / max(1, $order->before_g), 1),
            'expected' => $expected === null ? null : self::expected($expected),
        ];
    }

    /** @return array{mean_pct: float, low_pct: float, high_pct: float, orders: int} */
    private static function expected(ExpectedYield $expected): array
    {
        return [
            'mean_pct' => round(100.0 * $expected->mean, 1),
            'low_pct' => round(100.0 * $expected->low(), 1),
            'high_pct' => round(100.0 * $expected->high(), 1),
            'orders' => $expected->orders,
        ];
    }
}
