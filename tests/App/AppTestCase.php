<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Nessmark\Safety\Profile;

/** The application on a real MariaDB; every test in a transaction of its own. */
abstract class AppTestCase extends TestCase
{
    use RefreshDatabase;

    protected const RUMP = [
        'cut' => 'lamb-rump',
        'thickness_mm' => 45,
        'method' => 'sear_then_oven',
        'diners' => [['count' => 4, 'doneness' => 'medium_rare']],
    ];

    public function createApplication(): Application
    {
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function staff(Role $role = Role::Advisor, string $shop = 'Shop by the lock', string $signIn = 'advisor'): User
    {
        return User::query()
            ->create([
                'shop_id' => Shop::query()->firstOrCreate(['name' => $shop, 'town' => 'Varrsund'], ['safety_profile' => Profile::Us])->id,
                'name' => 'Somebody',
                'sign_in' => $signIn,
                'password' => 'long-enough-1',
                'role' => $role,
            ])
            ->load('shop');
    }

    /**
     * @param  array<string, mixed>  $dish  what is otherwise with its one dish
     * @param  array<string, mixed>  $change  what is otherwise with the rest
     * @return array<string, mixed> a ticket to keep, its caution read out
     */
    protected static function newTicket(array $dish = [], array $change = []): array
    {
        return [
            'dishes' => [[...['ask' => self::RUMP, 'cautions_read' => ['safety.below_minimum_held']], ...$dish]],
            ...['units' => 'metric', 'customer_label' => 'Pell'],
            ...$change,
        ];
    }
}
