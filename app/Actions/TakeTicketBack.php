<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BenchOrder;
use App\Models\BenchState;
use App\Models\LotMove;
use App\Models\MoveKind;
use App\Models\Ticket;
use App\Models\User;
use App\Services\DayBook;
use Illuminate\Support\Facades\DB;

/** A ticket given by mistake is taken back with its meat, for a while. Twice is once. */
final readonly class TakeTicketBack
{
    public const WITHIN_MINUTES = 10;

    public function __construct(private MoveStock $moves, private DayBook $book) {}

    /** One given too long ago is refused, see TicketRefused. */
    public function execute(User $user, Ticket $ticket): Ticket
    {
        return DB::transaction(function () use ($user, $ticket): Ticket {
            /** @var Ticket $locked */
            $locked = Ticket::query()->whereKey($ticket->id)->lockForUpdate()->firstOrFail();
            if ($locked->taken_back_at !== null) {
                return $locked;
            }
            if (! $locked->canBeTakenBack()) {
                throw TicketRefused::tooLate(self::WITHIN_MINUTES);
            }
            foreach (
                LotMove::query()
                    ->with('lot')
                    ->whereIn('ticket_id', array_column($locked->line(), 'id'))
                    ->where('kind', MoveKind::Sold)
                    ->get() as $sold
            ) {
                $this->moves->execute($sold->lot, $user, MoveKind::TakenBack, -$sold->change_g, null, $locked);
            }
            BenchOrder::query()
                ->whereIn('ticket_dish_id', $locked->dishes()->pluck('id'))
                ->where('state', '!=', BenchState::Done)
                ->update(['state' => BenchState::CalledOff]);
            $locked->update(['taken_back_at' => now()]);
            $this->book->note($user, 'ticket.taken_back', ['ticket' => $locked->number]);

            return $locked;
        }, Once::TRIES);
    }
}
