<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ForgetCustomer;
use App\Models\Shop;
use App\Services\ArchiveRefused;
use App\Services\Backups;
use App\Services\ShopArchive;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** One shop out of a backup, beside those that are here: they sell on. */
final class RestoreShopCommand extends Command
{
    use ReadsPassPhrase;

    protected $signature = 'nessmark:restore:shop
        {file : a backup}
        {code : of the shop in it}
        {--as= : code it gets here; else its own, if no shop here has it}';

    protected $description = 'Bring one shop of a backup back, beside the shops that are here';

    public function handle(Backups $backups, ShopArchive $archive, ForgetCustomer $forget): int
    {
        $zip = storage_path('app/one-shop-'.bin2hex(random_bytes(6)).'.zip');
        $as = $this->option('as');
        $here = DB::table('tickets')->pluck('id')->all();
        try {
            $backups->beside(function () use ($backups, $archive, $zip, $here): void {
                $backups->emptied();
                $backups->bringBack($this->argument('file'), $this->passPhrase());
                $this->callSilently('migrate', ['--force' => true]);
                $shop = Shop::query()->where('code', $this->argument('code'))->first() ??
                    throw new RuntimeException('There is no shop of that code in it.');
                if (DB::table('tickets')->where('shop_id', $shop->id)->whereIn('id', $here)->exists()) {
                    throw new RuntimeException('Its tickets are here still: take that shop out and away first (docs/running.md).');
                }
                $archive->write($shop, $zip, static fn () => null);
                $backups->emptied();
            });
            $shop = $archive->read($zip, is_string($as) ? $as : null, fn (string $table, int $rows) => $this->line("{$table}: {$rows}"));
        } catch (RuntimeException $error) {
            array_map($this->line(...), $error instanceof ArchiveRefused ? $error->rows : []);
            $this->error($error->getMessage());

            return self::FAILURE;
        } finally {
            if (is_file($zip)) {
                unlink($zip);
            }
        }
        $forget->again();
        $this->info("{$shop->name} is back, under the code {$shop->code}.");

        return self::SUCCESS;
    }
}
