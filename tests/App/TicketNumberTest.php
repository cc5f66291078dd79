<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Several advisors at once, each in a process and a transaction of its own, on a real MariaDB. */
final class TicketNumberTest extends AppTestCase
{
    private const FIVE_TICKETS = <<<'PHP'
    require 'vendor/autoload.php';
    $app = require 'bootstrap/app.php';
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    $user = App\Models\User::query()->with('shop')->where('sign_in', 'rush')->firstOrFail();
    $ask = ['cut' => 'salmon-loin', 'thickness_mm' => 20, 'method' => 'water_bath',
        'parasite_frozen' => true, 'diners' => [['count' => 1]]];
    for ($i = 0; $i < 5; $i++) {
        $app->make(App\Actions\StoreTicket::class)
                ->execute($user, [new App\Actions\DishToGive($ask, ['safety.below_minimum'])], App\Services\Units::Metric);
    }
    PHP;

    public function test_tickets_given_at_the_same_time_get_numbers_of_their_own(): void
    {
        DB::rollBack(); // the processes must see the shop, so this test keeps and clears its rows itself
        $this->staff(shop: 'Shop in a rush', signIn: 'rush');
        try {
            $running = [];
            for ($i = 0; $i < 4; $i++) {
                $running[] = [
                    proc_open([PHP_BINARY, '-r', self::FIVE_TICKETS], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, base_path()),
                    $pipes,
                ];
            }
            $said = '';
            foreach ($running as [$process, $pipes]) {
                $said .= stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
                proc_close($process);
            }

            self::assertSame('', $said);
            self::assertSame(range(1, 20), Ticket::query()->orderBy('number')->pluck('number')->all());
        } finally {
            Ticket::query()->delete();
            User::query()->delete();
            Shop::query()->delete();
            DB::beginTransaction();
        }
    }
}
