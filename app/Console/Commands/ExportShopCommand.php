<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\Models\Ticket;
use App\Services\ArchiveRefused;
use App\Services\CardPaper;
use App\Services\CardPdf;
use App\Services\ShopArchive;
use App\Services\Units;
use Illuminate\Console\Command;

/** Takes a whole shop out. */
final class ExportShopCommand extends Command
{
    protected $signature = 'nessmark:shop:export {code : of the shop} {file : archive to write}
        {--cards : and every card as PDF; goes on with an archive that is there}';

    protected $description = 'Take a whole shop out as one archive of open formats';

    public function handle(ShopArchive $archive, CardPdf $cards): int
    {
        $shop = Shop::query()->where('code', $this->argument('code'))->first();
        if ($shop === null) {
            $this->error('There is no shop of that code here.');

            return self::INVALID;
        }
        $file = $this->argument('file');
        $isWithCards = $this->option('cards') === true;
        try {
            if ($isWithCards && is_file($file)) {
                $this->line("{$file} is there: the cards it lacks are added.");
            } else {
                $archive->write($shop, $file, fn (string $table, int $rows) => $this->line("{$table}: {$rows}"));
            }
            if ($isWithCards) {
                $archive->addCards(
                    $shop,
                    $file,
                    static fn (Ticket $ticket): string => $cards->render(
                        $ticket,
                        Units::from($ticket->units),
                        $ticket->language,
                        CardPaper::A5,
                    ),
                    fn (int $done, int $of) => $this->line("cards: {$done} of {$of}"),
                );
            }
        } catch (ArchiveRefused $error) {
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        $this->info($this->argument('file').' written. It holds everything of the shop, passwords as hashes: keep it safe.');

        return self::SUCCESS;
    }
}
