<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ForgetCustomer;
use App\Services\Backups;
use Illuminate\Console\Command;
use RuntimeException;

/** Brings a backup back into an empty installation, and up to this version. */
final class RestoreCommand extends Command
{
    use ReadsPassPhrase;

    protected $signature = 'nessmark:restore {file : a backup}
        {--as-it-was : in the form of the version that made it, for that version to go on with}
        {--key-into= : file of the environment whose APP_KEY becomes the old one}';

    protected $description = 'Bring a backup back into an empty installation';

    public function handle(Backups $backups, ForgetCustomer $forget): int
    {
        $file = $this->argument('file');
        try {
            $key = $backups->bringBack($file, $this->passPhrase());
        } catch (RuntimeException $error) {
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        if ($this->option('as-it-was') === true) {
            $this->info('Everything is back, as it was.');

            return self::SUCCESS;
        }
        $this->call('migrate', ['--force' => true]);
        $into = $this->option('key-into');
        if (is_string($into) && is_file($into)) {
            $env = preg_replace('/^APP_KEY=.*$/m', "APP_KEY={$key}", (string) file_get_contents($into), -1, $count);
            file_put_contents($into, $count === 1 ? $env : rtrim((string) $env)."\nAPP_KEY={$key}\n");
        } elseif ($key !== config('app.key')) {
            $this->warn('Its secrets are kept under another key. Put it into the environment, then restart:');
            $this->line("APP_KEY={$key}");
        }
        if ($key === config('app.key')) {
            $this->line($forget->again().' of those who were forgotten since are forgotten again.');
        } else {
            $this->warn('With that key in place, forget again who was forgotten since: php artisan nessmark:forget-again');
        }
        $this->info('Everything is back.');

        return self::SUCCESS;
    }
}
