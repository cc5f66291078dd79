<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BenchOrder;
use App\Models\CardLink;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\TicketDish;
use App\Models\User;
use App\Services\DayBook;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use App\Services\Stock;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\Json;
use Nessmark\Contract\MealReader;
use Nessmark\Contract\PlanChanges;
use Nessmark\Data\Engine;
use Nessmark\Errors\InputRefused;
use Nessmark\Say\Phrase;

/**
 * The same meat for another hour: every dish is computed once more, what was sold stays sold, and a new ticket stands in place of the old
 * one, under the same address on the phone. The old one is kept as it was.
 */
final readonly class ReplanTicket
{
    public function __construct(
        private MealReader $meals,
        private TicketAssembly $tickets,
        private ShopCatalogue $catalogues,
        private ShopShelf $shelves,
        private Stock $stock,
        private House $house,
        private DayBook $book,
    ) {}

    /**
     * @param  list<string>  $cautionsRead  ids of findings that were read out, beside those of the old ticket
     *
     * @throws StockRefused if its lot is past its day by then
     * @throws TicketRefused if it was taken back or changed already, is a stop for that hour, or has a caution that was not read out
     * @throws InputRefused if there is no plan for that hour
     */
    public function execute(User $user, Ticket $old, DateTimeImmutable $eatAt, array $cautionsRead): Ticket
    {
        /** @var non-empty-list<TicketDish> $dishes */
        $dishes = array_values($old->dishes->all());
        $asks = array_map(
            static fn (TicketDish $dish): array => [
                ...$dish->ask,
                'eat_at' => $eatAt->format(DATE_ATOM),
                'now' => $user->shop->now()->format(DATE_ATOM),
            ],
            $dishes,
        );
        $sold = array_map(fn (array $ask): array => $this->stock->soldFrom($user->shop, $ask['lot'] ?? null), $asks);
        foreach ($sold as [, $lot]) {
            if ($lot?->isPastOn($eatAt) === true) {
                throw StockRefused::past($lot->number);
            }
        }
        $meal = $this->meals->read(
            $asks,
            array_column($sold, 1),
            $this->house->rules($user->shop),
            $this->catalogues->of($user->shop),
            $this->shelves->of($user->shop),
        );
        $ticket = $this->tickets->serve($meal, $user->shop->currency);
        if (! $ticket->mayBeHandedOver()) {
            throw TicketRefused::stopped();
        }
        $read = array_map(static fn (TicketDish $dish): array => [...$dish->cautions_read, ...$cautionsRead], $dishes);
        $unread = $ticket->unread($read);
        if ($unread !== []) {
            throw TicketRefused::notReadOut($unread);
        }
        $results = array_map(Json::of(...), $ticket->dishes);

        return DB::transaction(function () use ($user, $old, $dishes, $asks, $read, $ticket, $results): Ticket {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->first(); // one number at a time
            /** @var Ticket $locked */
            $locked = Ticket::query()->with('replacedBy')->whereKey($old->id)->lockForUpdate()->firstOrFail();
            if ($locked->taken_back_at !== null || $locked->replacedBy !== null) {
                throw TicketRefused::notThisOne();
            }
            $new = $locked->replicate(['changes']);
            $new->fill([
                'user_id' => $user->id,
                'number' => Ticket::nextNumber($user->shop_id),
                'engine_version' => Engine::VERSION,
                'replaces_id' => $locked->id,
                'changes' => array_map(
                    static fn (Phrase $phrase): array => $phrase->toArray(),
                    PlanChanges::of(array_map(static fn (TicketDish $dish): array => $dish->result, $dishes), $results),
                ),
            ]);
            $new->save();
            foreach ($dishes as $i => $dish) {
                $kept = $dish->replicate(['answer', 'answered_at']);
                $kept->fill([
                    'ask' => $asks[$i],
                    'result' => $results[$i],
                    'verdict' => $ticket->dishes[$i]->verdict->level->value,
                    'cautions_read' => $read[$i],
                ]);
                $new->dishes()->save($kept);
                BenchOrder::query()
                    ->where('ticket_dish_id', $dish->id)
                    ->update(['ticket_dish_id' => $kept->id]);
            }
            CardLink::query()
                ->where('ticket_id', $locked->id)
                ->update(['ticket_id' => $new->id]);

            $this->book->note($user, 'ticket.replanned', ['ticket' => $new->number, 'replaces' => $locked->number]);

            return $new;
        }, Once::TRIES);
    }
}
