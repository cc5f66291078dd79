<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\OpenApi\Description;
use Illuminate\Console\Command;

final class OpenApiCommand extends Command
{
    protected $signature = 'nessmark:openapi {--check : fail when the checked-in description is out of date, write nothing}';

    protected $description = 'Write openapi.json from the attributes of the controllers and schemas';

    public function handle(): int
    {
        $json = Description::json();
        $file = base_path('openapi.json');
        if ($this->option('check')) {
            if (@file_get_contents($file) !== $json) {
                $this->error('openapi.json is out of date: run php artisan nessmark:openapi, then npm run types.');

                return self::FAILURE;
            }
            $this->info('openapi.json is up to date.');

            return self::SUCCESS;
        }
        file_put_contents($file, $json);
        $this->info('openapi.json written.');

        return self::SUCCESS;
    }
}
