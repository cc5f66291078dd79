<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Services\KeptData;
use Illuminate\Console\Command;
use Nessmark\Catalogue\CutShelf;
use Nessmark\Data\DataFolder;

/** Keeps the trade's data as compiled PHP, so that no request reads or parses it. The servers are to be started after it. */
final class WarmCommand extends Command
{
    protected $signature = 'nessmark:warm';

    protected $description = 'Keep the data of the trade as compiled PHP';

    public function handle(): int
    {
        $names = CutShelf::of(DataFolder::shipped())->names()->toArray();
        KeptData::write(KeptData::file(), DataFolder::path(), [CutShelf::NAMES => $names]);
        $this->info('The data is kept in '.KeptData::file().'.');

        return self::SUCCESS;
    }
}
