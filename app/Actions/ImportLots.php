<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\MoveKind;
use App\Models\Shop;
use App\Models\User;
use App\Services\DayBook;
use App\Services\Stock;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Nessmark\Stock\Lot as CoreLot;

/** Takes many lots at once: new numbers are received, known ones brought up to what the file says, each with its move. */
final class ImportLots
{
    private const AT_ONCE = 500;

    public function __construct(private DayBook $book) {}

    /**
     * @param  list<CoreLot>  $lots  numbers one of a kind
     * @return array{received: int, changed: int}
     */
    public function execute(User $user, array $lots): array
    {
        return DB::transaction(function () use ($user, $lots): array {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->first();
            /** @var Collection<string, int|null> $before */
            $before = Lot::query()->where('shop_id', $user->shop_id)->lockForUpdate()->pluck('left_g', 'number');
            $today = $user->shop->now();
            $now = now();
            foreach (array_chunk($lots, self::AT_ONCE) as $chunk) {
                $rows = array_map(
                    static fn (CoreLot $lot): array => [
                        'shop_id' => $user->shop_id,
                        ...Stock::columns($lot, $today),
                        'created_at' => $now,
                        'updated_at' => $now,
                    ],
                    $chunk,
                );
                Lot::query()->upsert(
                    $rows,
                    ['shop_id', 'number'],
                    array_values(array_diff(array_keys($rows[0]), ['shop_id', 'number', 'created_at'])),
                );
            }
            $ids = Lot::query()->where('shop_id', $user->shop_id)->pluck('id', 'number');
            $moves = [];
            $received = 0;
            foreach ($lots as $lot) {
                $isNew = ! $before->has($lot->number);
                $received += $isNew ? 1 : 0;
                $left = $lot->left === null ? 0 : (int) round($lot->left->toGrams());
                $change = $left - ($before[$lot->number] ?? 0);
                if ($isNew || $change !== 0) {
                    $moves[] = [
                        'lot_id' => $ids[$lot->number],
                        'user_id' => $user->id,
                        'kind' => ($isNew ? MoveKind::Received : MoveKind::Counted)->value,
                        'change_g' => $change,
                        'left_g' => $left,
                        'reason' => 'file',
                        'created_at' => $now,
                    ];
                }
            }
            foreach (array_chunk($moves, self::AT_ONCE) as $chunk) {
                LotMove::query()->insert($chunk);
            }

            $counts = ['received' => $received, 'changed' => count($lots) - $received];
            $this->book->note($user, 'lots.imported', $counts);

            return $counts;
        }, Once::TRIES);
    }
}
