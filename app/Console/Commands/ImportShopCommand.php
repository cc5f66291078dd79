<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Services\ArchiveRefused;
use App\Services\ShopArchive;
use Illuminate\Console\Command;

/** Brings a whole shop in, all of it or nothing. */
final class ImportShopCommand extends Command
{
    protected $signature = 'nessmark:shop:import {file : archive of nessmark:shop:export} {--code= : another code than it had}';

    protected $description = 'Bring a whole shop in from an archive';

    public function handle(ShopArchive $archive): int
    {
        $code = $this->option('code');
        try {
            $shop = $archive->read(
                $this->argument('file'),
                is_string($code) && $code !== '' ? $code : null,
                fn (string $table, int $rows) => $this->line("{$table}: {$rows}"),
            );
        } catch (ArchiveRefused $error) {
            array_map($this->line(...), $error->rows);
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        $this->info("{$shop->name} is here, as {$shop->code}.");

        return self::SUCCESS;
    }
}
