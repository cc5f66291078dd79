<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Several advisors sell from the same lot at once, each in a process and a transaction of its own, on a real MariaDB. */
final class LastPieceTest extends AppTestCase
{
    private const SELL_TEN = <<<'PHP'
    require 'vendor/autoload.php';
    $app = require 'bootstrap/app.php';
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    $user = App\Models\User::query()->with('shop')->where('sign_in', 'rush')->firstOrFail();
    $ask = ['cut' => 'salmon-loin', 'lot' => 'LAST', 'thickness_mm' => 20, 'method' => 'water_bath',
        'parasite_frozen' => true, 'diners' => [['count' => 1]]];
    $sold = 0;
    for ($i = 0; $i < 10; $i++) {
        try {
            $app->make(App\Actions\StoreTicket::class)
                ->execute($user, [new App\Actions\DishToGive($ask, ['safety.below_minimum'], 100)], App\Services\Units::Metric);
            $sold++;
        } catch (App\Actions\StockRefused) {
        }
    }
    echo $sold;
    PHP;

    public function test_of_the_last_piece_only_one_is_sold_and_nothing_goes_below_nothing(): void
    {
        DB::rollBack(); // the processes must see the shop, so this test keeps and clears its rows itself
        $user = $this->staff(Role::HeadButcher, shop: 'Shop in a rush', signIn: 'rush');
        $lot = Lot::query()->create([
            'shop_id' => $user->shop_id,
            'number' => 'LAST',
            'cut_slug' => 'salmon-loin',
            'left_g' => 1750,
            'price_per_kg_minor' => 2800,
            'packed' => 'wet',
            'origin' => '',
            'parasite_frozen' => true,
        ]);
        try {
            $running = [];
            for ($i = 0; $i < 4; $i++) {
                $running[] = [
                    proc_open([PHP_BINARY, '-r', self::SELL_TEN], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, base_path()),
                    $pipes,
                ];
            }
            $sold = 0;
            foreach ($running as [$process, $pipes]) {
                $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
                self::assertMatchesRegularExpression('/^\d+$/', $said);
                $sold += (int) $said;
                proc_close($process);
            }

            self::assertSame(17, $sold); // forty tries at 100 g on 1,750 g
            self::assertSame(50, $lot->refresh()->left_g);
            self::assertSame([17, -1700], [Ticket::query()->count(), (int) LotMove::query()->where('kind', 'sold')->sum('change_g')]);
            $this->expectExceptionMessageMatches('/lots_never_below_nothing/');
            DB::table('lots')
                ->where('id', $lot->id)
                ->update(['left_g' => -1]);
        } finally {
            LotMove::query()->delete();
            Ticket::query()->delete();
            Lot::query()->delete();
            User::query()->delete();
            Shop::query()->delete();
            DB::beginTransaction();
        }
    }
}
