<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ForgetCustomer;
use App\Models\BenchOrder;
use App\Models\Customer;
use App\Models\Shop;
use App\Models\Ticket;
use Illuminate\Console\Command;

/** Names are kept as long as the shop says: a customer since their last ticket, a name that was only typed since it was. */
final class ForgetOldNamesCommand extends Command
{
    protected $signature = 'nessmark:forget-old-names';

    protected $description = 'Forget customers and typed names that are older than each shop keeps them';

    public function handle(ForgetCustomer $forget): int
    {
        foreach (Shop::query()->get() as $shop) {
            $before = $shop->now()->modify("-{$shop->names_kept_months} months");
            $customers = Customer::query()
                ->where('shop_id', $shop->id)
                ->where('created_at', '<', $before)
                ->whereDoesntHave('tickets', static fn ($tickets) => $tickets->where('created_at', '>=', $before))
                ->get();
            $customers->each($forget->execute(...));
            Ticket::query()
                ->where('shop_id', $shop->id)
                ->whereNull('customer_id')
                ->where('created_at', '<', $before)
                ->update(['customer_label' => null]);
            BenchOrder::query()
                ->where('shop_id', $shop->id)
                ->whereNull('customer_id')
                ->where('created_at', '<', $before)
                ->update(['customer' => null]);
            if ($customers->count() > 0) {
                $this->line("{$shop->name}: {$customers->count()} customers forgotten.");
            }
        }

        return self::SUCCESS;
    }
}
