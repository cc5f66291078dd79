<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Customer;
use App\Models\Ticket;
use Illuminate\Support\Facades\DB;

/** Deleting means deleting: nothing that names them stays, not even on the tickets, which are kept for what was sold. */
final class ForgetCustomer
{
    public function execute(Customer $customer): void
    {
        DB::transaction(function () use ($customer): void {
            Ticket::query()->where('shop_id', $customer->shop_id)
                ->where(fn ($query) => $query->where('customer_id', $customer->id)->orWhere('customer_label', $customer->name))
                ->update(['customer_id' => null, 'customer_label' => null]);
            $customer->delete();
        });
    }
}
