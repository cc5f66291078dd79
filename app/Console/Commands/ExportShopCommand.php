<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\Models\Ticket;
use App\Services\CardPaper;
use App\Services\CardPdf;
use App\Services\ShopArchive;
use App\Services\Units;
use Illuminate\Console\Command;
use RuntimeException;
use ZipArchive;

/** Takes a whole shop out. */
final class ExportShopCommand extends Command
{
    protected $signature = 'nessmark:shop:export {code : of the shop} {file : archive to write} {--cards : and every card as PDF}';

    protected $description = 'Take a whole shop out as one archive of open formats';

    public function handle(ShopArchive $archive, CardPdf $cards): int
    {
        $shop = Shop::query()->where('code', $this->argument('code'))->first();
        if ($shop === null) {
            $this->error('There is no shop of that code here.');

            return self::INVALID;
        }
        try {
            $archive->write($shop, $this->argument('file'), fn (string $table, int $rows) => $this->line("{$table}: {$rows}"));
        } catch (RuntimeException $error) {
            $this->error($error->getMessage());

            return self::FAILURE;
        }
        if ($this->option('cards')) {
            $this->cards($shop, $cards);
        }
        $this->info($this->argument('file').' written. It holds everything of the shop, passwords as hashes: keep it safe.');

        return self::SUCCESS;
    }

    private function cards(Shop $shop, CardPdf $cards): void
    {
        $zip = new ZipArchive();
        $zip->open($this->argument('file'));
        foreach (Ticket::query()->with(Ticket::SHOWN)->where('shop_id', $shop->id)->orderBy('number')->cursor() as $ticket) {
            $pdf = $cards->render($ticket->load(Ticket::SHOWN), Units::from($ticket->units), $ticket->language, CardPaper::A5);
            $zip->addFromString("cards/{$ticket->number}.pdf", $pdf);
        }
        $zip->close();
    }
}
