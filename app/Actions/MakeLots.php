<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\Making;
use App\Models\MoveKind;
use App\Models\Shop;
use App\Models\User;
use App\Services\Stock;
use Illuminate\Support\Facades\DB;
use Nessmark\Errors\InputRefused;
use Nessmark\Stock\Making as CoreMaking;

/** Lots out of lots: what goes in leaves its lots, what comes out is a lot, and the account of both is kept, all of it or nothing. */
final readonly class MakeLots
{
    public function __construct(private MoveStock $moves) {}

    /**
     * @throws StockRefused if a lot has less left, is gone, or is past its day
     * @throws InputRefused if a number is taken
     */
    public function execute(User $user, CoreMaking $making): Making
    {
        return DB::transaction(function () use ($user, $making): Making {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->first();
            $today = $user->shop->now();
            $numbers = array_map(static fn (array $part): string => $part[0]->number, $making->from);
            $sources = Lot::query()
                ->where('shop_id', $user->shop_id)
                ->whereIn('number', $numbers)
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->keyBy('number');
            $kept = Making::query()->create(['shop_id' => $user->shop_id, 'user_id' => $user->id, 'loss_g' => $making->lossG]);
            foreach ($making->from as [$lot, $g]) {
                $row = $sources->get($lot->number) ?? throw StockRefused::gone($lot->number);
                $this->moves->execute($row, $user, MoveKind::Used, $g);
                $kept->lots()->attach($row->id, ['is_source' => true, 'g' => $g]);
            }
            foreach ($making->to as $i => $lot) {
                if (Lot::query()->where('shop_id', $user->shop_id)->where('number', $lot->number)->exists()) {
                    throw InputRefused::one("to.{$i}.number", 'conflict', $lot->number, 'number_of_its_own');
                }
                $columns = Stock::columns($lot, $today);
                $row = Lot::query()->create(['shop_id' => $user->shop_id, ...$columns, 'left_g' => 0]);
                $this->moves->execute($row, $user, MoveKind::Made, (int) $columns['left_g']);
                $kept->lots()->attach($row->id, ['is_source' => false, 'g' => (int) $columns['left_g']]);
            }

            return $kept;
        }, Once::TRIES);
    }
}
