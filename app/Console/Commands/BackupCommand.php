<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Services\Backups;
use Illuminate\Console\Command;
use RuntimeException;

/** Makes a backup and throws old ones away. The pass phrase comes from a file or the environment, never from the command line. */
final class BackupCommand extends Command
{
    use ReadsPassPhrase;

    protected $signature = 'nessmark:backup
        {folder? : where it goes; else NESSMARK_BACKUP_FOLDER}
        {--as-base : something is to be built upon it: fails where it is empty or much smaller than the one before}';

    protected $description = 'Back everything up into one sealed file';

    public function handle(Backups $backups): int
    {
        $folder = $this->argument('folder') ?? config('nessmark.backup_folder');
        if (! is_string($folder) || $folder === '') {
            $this->error('Say where it goes: a folder, or NESSMARK_BACKUP_FOLDER.');

            return self::INVALID;
        }
        try {
            $path = $backups->make($folder, $this->passPhrase());
            $suspicion = $backups->suspicion($path, $this->passPhrase());
            // while it is not clear that these are the right data, nothing older is thrown away
            $gone = $suspicion === null ? $backups->rotate($folder, now()->toDateTimeImmutable()) : [];
        } catch (RuntimeException $error) {
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        $this->info($path.', '.number_format((int) filesize($path)).' bytes, sha256 '.hash_file('sha256', $path));
        foreach ($gone as $name) {
            $this->line("Thrown away: {$name}");
        }
        $copy = config('nessmark.backup_copy_folder');
        if (is_string($copy) && $copy !== '' && ! (is_dir($copy) && copy($path, "{$copy}/".basename($path)))) {
            $this->error("It could not be copied to {$copy}.");

            return self::FAILURE;
        }
        if ($suspicion !== null) {
            $this->error(sprintf(
                'It has %d shops and %d tickets; %s, the one before, has %d and %d. Are these the right data?',
                ...$suspicion['has'],
                ...[$suspicion['before'], ...$suspicion['had']],
            ));
        }

        return $suspicion !== null && $this->option('as-base') === true ? self::FAILURE : self::SUCCESS;
    }
}
