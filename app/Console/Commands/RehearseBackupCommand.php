<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Services\Backups;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Log;
use RuntimeException;

/** Brings the newest backup back beside the shop and counts: a backup nobody has opened is a hope. */
final class RehearseBackupCommand extends Command
{
    use ReadsPassPhrase;

    protected $signature = 'nessmark:backup:rehearse {file? : else the newest of NESSMARK_BACKUP_FOLDER}';

    protected $description = 'Bring a backup back into a schema beside the shop, count, and clear it away';

    public function handle(Backups $backups): int
    {
        $folder = config('nessmark.backup_folder');
        $file = $this->argument('file') ?? (is_string($folder) ? $backups->newest($folder) : null);
        if ($file === null) {
            $this->error('There is no backup.');

            return self::INVALID;
        }
        try {
            $counts = $backups->rehearse($file, $this->passPhrase());
        } catch (RuntimeException $error) {
            Log::error('A backup could not be brought back.', ['file' => basename($file), 'why' => $error->getMessage()]);
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        $this->info(basename($file).": {$counts['shops']} shops, {$counts['tickets']} tickets.");

        return self::SUCCESS;
    }
}
