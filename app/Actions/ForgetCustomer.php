<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Answer;
use App\Models\BenchOrder;
use App\Models\Customer;
use App\Models\Ticket;
use App\Services\Forgotten;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Deleting means deleting: nothing that names them stays, on no ticket, no bench order, no kept reply; what was sold stays. It touches
 * them alone: somebody else of the same name keeps theirs.
 */
final readonly class ForgetCustomer
{
    public function __construct(private Forgotten $forgotten) {}

    public function execute(Customer $customer): void
    {
        DB::transaction(function () use ($customer): void {
            $this->unname(
                $customer->shop_id,
                $customer->name,
                Ticket::query()->where('customer_id', $customer->id),
                BenchOrder::query()->where('customer_id', $customer->id),
            );
            $this->forgotten->customer($customer);
            $customer->delete();
        });
    }

    /**
     * A name that was only typed, and is no customer's.
     *
     * @return int on how many tickets and orders it stood
     */
    public function name(int $shopId, string $name): int
    {
        return DB::transaction(function () use ($shopId, $name): int {
            $count = $this->unname(
                $shopId,
                $name,
                Ticket::query()->whereNull('customer_id')->where('customer_label', $name),
                BenchOrder::query()->whereNull('customer_id')->where('customer', $name),
            );
            $this->forgotten->name($shopId, $name);

            return $count;
        });
    }

    /**
     * What a restore brought back of who was forgotten since.
     *
     * @return int customers and names
     */
    public function again(): int
    {
        $count = 0;
        foreach (Customer::query()->cursor() as $customer) {
            if ($this->forgotten->knowsCustomer($customer)) {
                $this->execute($customer);
                $count++;
            }
        }
        foreach (Ticket::query()->whereNull('customer_id')->whereNotNull('customer_label')->cursor() as $ticket) {
            if ($this->forgotten->knowsName($ticket->shop_id, (string) $ticket->customer_label, $ticket->created_at)) {
                $count += $this->name($ticket->shop_id, (string) $ticket->customer_label);
            }
        }
        foreach (BenchOrder::query()->whereNull('customer_id')->whereNotNull('customer')->cursor() as $order) {
            if ($this->forgotten->knowsName($order->shop_id, (string) $order->customer, $order->created_at)) {
                $count += $this->name($order->shop_id, (string) $order->customer);
            }
        }

        return $count;
    }

    /**
     * @param  Builder<Ticket>  $tickets
     * @param  Builder<BenchOrder>  $orders
     */
    private function unname(int $shopId, string $name, Builder $tickets, Builder $orders): int
    {
        $ids = $tickets->where('shop_id', $shopId)->pluck('id')->all();
        Ticket::query()->whereKey($ids)->update(['customer_id' => null, 'customer_label' => null]);
        $ofTickets = BenchOrder::query()
            ->where('shop_id', $shopId)
            ->whereHas('dish', static fn ($dish) => $dish->whereIn('ticket_id', $ids))
            ->update(['customer' => null, 'customer_id' => null]);
        $apart = $orders->where('shop_id', $shopId)->update(['customer' => null, 'customer_id' => null]);
        // what was answered lately is kept for a day or two, with the name in it
        Answer::query()
            ->where('shop_id', $shopId)
            ->where(static fn (Builder $of) => $of->whereIn('answer->id', $ids)->orWhere('answer->customer', $name))
            ->delete();

        return count($ids) + $ofTickets + $apart;
    }
}
