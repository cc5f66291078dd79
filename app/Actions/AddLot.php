<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\MoveKind;
use App\Models\Shop;
use App\Models\User;
use App\Services\Stock;
use Illuminate\Support\Facades\DB;
use Nessmark\Errors\InputRefused;
use Nessmark\Stock\Lot as CoreLot;

/** Takes one lot in. Of two that bring the same number at once, one is refused. */
final readonly class AddLot
{
    public function __construct(private MoveStock $moves) {}

    public function execute(User $user, CoreLot $lot): Lot
    {
        return DB::transaction(function () use ($user, $lot): Lot {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->first();
            if (Lot::query()->where('shop_id', $user->shop_id)->where('number', $lot->number)->exists()) {
                throw InputRefused::one('number', 'conflict', $lot->number, 'number_of_its_own');
            }
            $columns = Stock::columns($lot, $user->shop->now());
            $row = Lot::query()->create(['shop_id' => $user->shop_id, ...$columns, 'left_g' => $columns['left_g'] === null ? null : 0]);
            $this->moves->execute($row, $user, MoveKind::Received, (int) $columns['left_g']);

            return $row;
        }, Once::TRIES);
    }
}
