<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\DishToGive;
use App\Actions\ImportLots;
use App\Actions\StoreTicket;
use App\Models\Lot;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use App\Services\Stock;
use App\Services\Units;
use Illuminate\Database\Seeder;
use Nessmark\Safety\Profile;

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

    /** @var list<array{label: string, units: Units, ask: array<string, mixed>}> */
    private const TICKETS = [
        [
            'label' => 'Pell, Quay Row',
            'units' => Units::Metric,
            'ask' => [
                'cut' => 'lamb-rump',
                'thickness_mm' => 45,
                'method' => 'sear_then_oven',
                'diners' => [['count' => 4, 'doneness' => 'medium_rare']],
            ],
        ],
        [
            'label' => 'Mrs Dunmarrow',
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

    public function run(StoreTicket $store, ImportLots $import, Stock $stock): void
    {
        $shop = Shop::query()->firstOrCreate(
            ['name' => 'Ollikson & Harrin', 'town' => 'Varrsund'],
            ['safety_profile' => Profile::Us, 'house' => ['time_zone' => self::TIME_ZONE]],
        );
        foreach (self::STAFF as $person) {
            User::query()->firstOrCreate(['sign_in' => $person['sign_in']], [...$person, 'shop_id' => $shop->id]);
        }
        $butcher = User::query()->with('shop')->where('sign_in', 'ysolde')->firstOrFail();
        if (! Lot::query()->where('shop_id', $shop->id)->exists()) {
            $import->execute($butcher, array_map($stock->reader($shop)->read(...), DemoCase::lots()));
        }
        if (Ticket::query()->where('shop_id', $shop->id)->exists()) {
            return;
        }
        $advisor = User::query()->with('shop')->where('sign_in', 'maret')->firstOrFail();
        foreach (self::TICKETS as $ticket) {
            $store->execute($advisor, [new DishToGive($ticket['ask'], self::READ)], $ticket['units'], $ticket['label']);
        }
    }
}
