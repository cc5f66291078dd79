<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;
use RuntimeException;

final class DatabaseSeeder extends Seeder
{
    /** @throws RuntimeException in production: the demo's passwords are printed */
    public function run(): void
    {
        if (config('nessmark.demo') !== true) {
            return;
        }
        if (app()->isProduction()) {
            throw new RuntimeException('The demo shop has printed passwords and is refused in production.');
        }
        $this->call(DemoShopSeeder::class);
    }
}
