<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\DishToGive;
use App\Actions\ImportLots;
use App\Actions\MoveStock;
use App\Actions\QueueBench;
use App\Actions\StoreTicket;
use App\Models\BenchOrder;
use App\Models\BenchState;
use App\Models\Customer;
use App\Models\Lot;
use App\Models\MoveKind;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use App\Services\BenchAsk;
use App\Services\ShopShelf;
use App\Services\Stock;
use App\Services\Units;
use Closure;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Nessmark\Contract\RecipeReader;
use Nessmark\Safety\Profile;
use Nessmark\Seasoning\Shelf;

/** A made-up shop in a made-up harbour town. Safe to run again: nothing that is there is touched. */
final class DemoShopSeeder extends Seeder
{
    /** @var list<array{name: string, sign_in: string, password: string, role: Role}> */
    public const STAFF = [
        ['name' => 'Maret Ollikson', 'sign_in' => 'maret', 'password' => 'tideline-47', 'role' => Role::Advisor],
        ['name' => 'Bero Tannach', 'sign_in' => 'bero', 'password' => 'bonesaw-31', 'role' => Role::Cutter],
        ['name' => 'Ysolde Harrin', 'sign_in' => 'ysolde', 'password' => 'coldroom-88', 'role' => Role::HeadButcher],
    ];

    private const TIME_ZONE = 'Europe/Stockholm';

    private const READ = ['safety.below_minimum', 'safety.below_minimum_held', 'safety.parasites', 'safety.hazard_hepatitis_e'];

    /** @var list<array{name: string, appliances: list<string>, fires: array<string, string>, units: Units}> */
    private const CUSTOMERS = [
        ['name' => 'Pell', 'appliances' => ['pan', 'oven'], 'fires' => ['pan' => 'cast_iron'], 'units' => Units::Metric],
        ['name' => 'Dunmarrow', 'appliances' => ['pan', 'oven', 'pot'], 'fires' => [], 'units' => Units::Imperial],
        ['name' => 'Tam', 'appliances' => ['water_bath', 'pan'], 'fires' => ['pan' => 'clad'], 'units' => Units::Metric],
        ['name' => 'Jorun', 'appliances' => ['grill'], 'fires' => ['grill' => 'charcoal'], 'units' => Units::Metric],
    ];

    /** What was cut, weighed out and thrown away over the week: lot, days ago, kind, grams, reason. */
    private const MOVES = [
        ['R-121', 3, MoveKind::WeighedOut, 640, null],
        ['S-042', 2, MoveKind::ThrownAway, 180, 'trim'],
        ['R-121', 1, MoveKind::WeighedOut, 320, null],
        ['F-081', 0, MoveKind::ThrownAway, 150, 'discoloured'],
    ];

    /** Deliveries came in over so many days. */
    private const DELIVERIES = 4;

    /** @var list<array{label: string, days_ago: int, customer?: string, units: Units, ask: array<string, mixed>}> */
    private const TICKETS = [
        [
            'label' => 'Pell',
            'days_ago' => 6,
            'customer' => 'Pell',
            'units' => Units::Metric,
            'ask' => [
                'cut' => 'lamb-rump',
                'thickness_mm' => 45,
                'method' => 'sear_then_oven',
                'diners' => [['count' => 4, 'doneness' => 'medium_rare']],
            ],
        ],
        [
            'label' => 'Dunmarrow',
            'days_ago' => 4,
            'customer' => 'Dunmarrow',
            'units' => Units::Imperial,
            'ask' => [
                'cut' => 'beef-burger',
                'thickness_mm' => 20,
                'method' => 'pan',
                'diners' => [['count' => 3, 'doneness' => 'cooked_through', 'at_risk' => true]],
            ],
        ],
        [
            'label' => 'Harbour office',
            'days_ago' => 2,
            'units' => Units::Metric,
            'ask' => [
                'cut' => 'venison-haunch-steak',
                'rearing' => 'farmed',
                'thickness_mm' => 28,
                'method' => 'pan',
                'diners' => [['count' => 6, 'appetite' => 'hearty', 'doneness' => 'medium_rare']],
            ],
        ],
        [
            'label' => 'Tam',
            'days_ago' => 1,
            'customer' => 'Tam',
            'units' => Units::Metric,
            'ask' => [
                'cut' => 'salmon-loin',
                'thickness_mm' => 30,
                'method' => 'water_bath',
                'parasite_frozen' => true,
                'diners' => [['count' => 2, 'doneness' => 'cooked']],
            ],
        ],
    ];

    /** Of what was trimmed on the days before, so much was left. */
    private const LEFT = [0.93, 0.91, 0.95, 0.94];

    /** @var list<array{string|null, array<string, mixed>}> what waits at the bench: for whom, and the ask */
    private const FOR_THE_BENCH = [
        [
            'Pell',
            [
                'cut' => 'lamb-rump',
                'lot' => 'L-027',
                'thickness_mm' => 45,
                'cap_mm' => 14,
                'method' => 'sear_then_oven',
                'diners' => [['count' => 3, 'doneness' => 'medium_rare'], ['count' => 1, 'doneness' => 'well', 'avoid' => ['mustard']]],
            ],
        ],
        ['Tam', ['cut' => 'beef-outside-skirt', 'lot' => 'R-128', 'method' => 'grill', 'diners' => [['count' => 3]]]],
        [
            null,
            [
                'cut' => 'pork-collar-steak',
                'lot' => 'S-041',
                'thickness_mm' => 28,
                'method' => 'grill',
                'diners' => [['count' => 6]],
            ],
        ],
        ['Dunmarrow', ['cut' => 'guinea-fowl-whole', 'lot' => 'G-012', 'method' => 'oven_roast', 'diners' => [['count' => 4]]]],
    ];

    /** Seasonings of the shop's own making. */
    private const SEASONINGS = [
        [
            'name' => 'Varrsund house rub',
            'kind' => 'rub',
            'g_per_kg' => 20,
            'groups' => ['beef', 'pork'],
            'strength' => 2,
            'price_per_kg' => 42,
            'parts' => [
                ['of' => 'coarse_salt', 'g' => 48],
                ['of' => 'black_pepper', 'g' => 22],
                ['of' => 'caraway', 'g' => 14],
                ['of' => 'dried_mushroom', 'g' => 10],
                ['of' => 'bay', 'g' => 6],
            ],
        ],
        [
            'name' => 'Breakwater butter',
            'kind' => 'butter',
            'g_per_kg' => 26,
            'groups' => ['fish'],
            'strength' => 1,
            'price_per_kg' => 24,
            'parts' => [['of' => 'butter-caper', 'g' => 60], ['of' => 'butter', 'g' => 32], ['of' => 'dill', 'g' => 8]],
        ],
    ];

    public function run(
        StoreTicket $store,
        ImportLots $import,
        Stock $stock,
        MoveStock $moves,
        ShopShelf $shelves,
        RecipeReader $recipes,
        BenchAsk $benchAsks,
        QueueBench $queue,
    ): void {
        $shop = Shop::query()->firstOrCreate(
            ['name' => 'Ollikson & Harrin', 'town' => 'Varrsund'],
            ['safety_profile' => Profile::Us, 'house' => ['time_zone' => self::TIME_ZONE]],
        );
        foreach (self::STAFF as $person) {
            User::query()->firstOrCreate(['sign_in' => $person['sign_in']], [...$person, 'shop_id' => $shop->id]);
        }
        $butcher = User::query()->with('shop')->where('sign_in', 'ysolde')->firstOrFail();
        if (ShopShelf::own($shop) === []) {
            $shelves->keep($shop, static fn (Shelf $shelf): array => $recipes->readAll(self::SEASONINGS, $shelf, Profile::Us));
        }
        if (! Lot::query()->where('shop_id', $shop->id)->exists()) {
            $this->deliveries($shop, $butcher, $import, $stock, $moves);
        }
        if (Ticket::query()->where('shop_id', $shop->id)->exists()) {
            return;
        }
        $customers = [];
        foreach (self::CUSTOMERS as $customer) {
            $known = Customer::query()->firstOrCreate(['shop_id' => $shop->id, 'name' => $customer['name']], $customer);
            $customers[$customer['name']] = $known;
        }
        $advisor = User::query()->with('shop')->where('sign_in', 'maret')->firstOrFail();
        foreach (self::TICKETS as $ticket) {
            $known = $customers[$ticket['customer'] ?? ''] ?? null;
            self::daysAgo(
                $ticket['days_ago'],
                static fn (): Ticket => $store->execute(
                    $advisor,
                    [new DishToGive($ticket['ask'], self::READ)],
                    $ticket['units'],
                    $ticket['label'],
                    $known,
                ),
            );
        }
        $this->benchOfDays($shop, $benchAsks, $queue);
    }

    /** What the cutter finished on the days before, weighed before and after, and what waits today. */
    private function benchOfDays(Shop $shop, BenchAsk $asks, QueueBench $queue): void
    {
        $cutter = User::query()->with('shop')->where('sign_in', 'bero')->firstOrFail();
        foreach (BenchOrder::query()->where('shop_id', $shop->id)->get() as $i => $order) {
            $order->update([
                'state' => BenchState::Done,
                'cutter_id' => $cutter->id,
                'done_at' => $order->created_at->addMinutes(20),
                'before_g' => $beforeG = 1000 + 120 * $i,
                'after_g' => (int) round($beforeG * self::LEFT[$i % count(self::LEFT)]),
            ]);
        }
        foreach (self::FOR_THE_BENCH as [$customer, $ask]) {
            [$dish, $ticket, $lot] = $asks->read($cutter->shop, $ask);
            $queue->execute($cutter, $dish, $ticket, $lot, $customer);
        }
    }

    private function deliveries(Shop $shop, User $butcher, ImportLots $import, Stock $stock, MoveStock $moves): void
    {
        $lots = array_map($stock->reader($shop)->read(...), DemoCase::lots($shop->now()));
        foreach (range(self::DELIVERIES, 1) as $days) {
            $isOfDay = static fn (int $i): bool => $i % self::DELIVERIES === $days - 1;
            $came = array_values(array_filter($lots, $isOfDay, ARRAY_FILTER_USE_KEY));
            self::daysAgo($days, static fn (): mixed => $import->execute($butcher, $came));
        }
        foreach (self::MOVES as [$number, $days, $kind, $grams, $reason]) {
            $lot = Lot::query()->where('shop_id', $shop->id)->where('number', $number)->firstOrFail();
            self::daysAgo($days, static fn (): Lot => $moves->execute($lot, $butcher, $kind, $grams, $reason));
        }
    }

    /** As if it were so many days ago by the shop's clock, late in the morning. */
    private static function daysAgo(int $days, Closure $do): void
    {
        $then = $days === 0 ? now() : now(self::TIME_ZONE)->subDays($days)->setTime(10, 40)->utc();
        Carbon::setTestNow($then);
        try {
            $do();
        } finally {
            Carbon::setTestNow();
        }
    }
}
