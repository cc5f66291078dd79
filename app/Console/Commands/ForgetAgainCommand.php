<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ForgetCustomer;
use Illuminate\Console\Command;

/** After a restore: who was forgotten since the backup is forgotten again. A restore does it by itself where the key is the same. */
final class ForgetAgainCommand extends Command
{
    protected $signature = 'nessmark:forget-again';

    protected $description = 'Forget again who was forgotten since the backup that was brought back';

    public function handle(ForgetCustomer $forget): int
    {
        $this->info($forget->again().' forgotten again.');

        return self::SUCCESS;
    }
}
