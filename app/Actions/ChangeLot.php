<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\User;
use App\Services\DayBook;
use App\Services\Stock;
use Illuminate\Support\Facades\DB;
use Nessmark\Stock\Lot as CoreLot;

/** Changes what is known of a lot. What is left of it changes by moves alone, so it is not written here, whatever the screen last saw. */
final readonly class ChangeLot
{
    public function __construct(private DayBook $book) {}

    public function execute(User $user, Lot $row, CoreLot $lot): void
    {
        $columns = Stock::columns($lot, $user->shop->now());
        DB::transaction(function () use ($user, $row, $columns): void {
            Lot::query()
                ->whereKey($row->id)
                ->update(array_diff_key($columns, ['left_g' => 0, 'number' => 0]));
            $this->book->note($user, 'lot.changed', [
                'lot' => $row->number,
                'price_before' => $row->price_per_kg_minor / 100,
                'price_after' => $columns['price_per_kg_minor'] / 100,
            ]);
        }, Once::TRIES);
    }
}
