<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\User;
use App\Services\Stock;
use Nessmark\Stock\Lot as CoreLot;

/** Changes what is known of a lot. What is left of it changes by moves alone, so it is not written here, whatever the screen last saw. */
final class ChangeLot
{
    public function execute(User $user, Lot $row, CoreLot $lot): void
    {
        $columns = Stock::columns($lot, $user->shop->now());
        Lot::query()->whereKey($row->id)->update(array_diff_key($columns, ['left_g' => 0, 'number' => 0]));
    }
}
