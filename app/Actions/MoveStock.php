<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\MoveKind;
use App\Models\Ticket;
use App\Models\User;
use App\Services\DayBook;
use Illuminate\Support\Facades\DB;
use Nessmark\Stock\Lot as CoreLot;

/**
 * Changes what is left of a lot, one at a time: the row is locked, what is left is worked out under the lock, and it never goes below
 * nothing.
 */
final readonly class MoveStock
{
    public function __construct(private DayBook $book) {}

    /**
     * @param  int  $grams  0 or more: what leaves, comes in or was counted
     *                      more than there is, a lot that is gone, or for eating past its day, is refused, see StockRefused
     */
    public function execute(Lot $lot, User $user, MoveKind $kind, int $grams, ?string $reason = null, ?Ticket $ticket = null): Lot
    {
        return DB::transaction(function () use ($lot, $user, $kind, $grams, $reason, $ticket): Lot {
            /** @var Lot|null $locked the row as it is now, not as this transaction first saw it */
            $locked = Lot::query()->whereKey($lot->id)->lockForUpdate()->first();
            if ($locked === null) {
                throw StockRefused::gone($lot->number);
            }
            if ($kind->isForEating() && CoreLot::isPast($locked->use_by, $user->shop->now())) {
                throw StockRefused::past($locked->number);
            }
            $changeG = $kind->changeG($grams, $locked->left_g ?? 0);
            $left = ($locked->left_g ?? 0) + $changeG;
            if ($locked->left_g !== null) {
                if ($left < 0) {
                    throw StockRefused::tooLittle($locked->number, $locked->left_g, -$changeG);
                }
                $locked->update(['left_g' => $left]);
            }
            LotMove::query()->create([
                'lot_id' => $locked->id,
                'user_id' => $user->id,
                'ticket_id' => $ticket?->id,
                'kind' => $kind,
                'change_g' => $changeG,
                'left_g' => $locked->left_g ?? 0,
                'reason' => $reason,
            ]);
            if ($ticket === null) {
                $this->book->note($user, 'lot.moved', ['lot' => $locked->number, 'kind' => $kind->value, 'change_g' => $changeG]);
            }

            return $locked;
        }, Once::TRIES);
    }
}
