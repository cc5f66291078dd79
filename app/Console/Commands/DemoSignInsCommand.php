<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\DemoShopSeeder;
use Illuminate\Console\Command;

final class DemoSignInsCommand extends Command
{
    protected $signature = 'nessmark:demo-sign-ins';

    protected $description = 'Print who may sign in to the demo shop; refused in production';

    public function handle(): int
    {
        if (app()->isProduction()) {
            $this->error('There is no demo shop in production.');

            return self::FAILURE;
        }
        foreach (DemoShopSeeder::STAFF as $person) {
            $this->line(
                sprintf(
                    '  %-12s %-12s %s, %s',
                    $person['sign_in'],
                    $person['password'],
                    $person['name'],
                    str_replace('_', ' ', $person['role']->value),
                ),
            );
        }

        return self::SUCCESS;
    }
}
