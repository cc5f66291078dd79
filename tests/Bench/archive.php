<?php

// A shop with so many tickets and lots is taken out as an archive and brought into an empty installation; then every row and every card is
// held against what it was. php tests/Bench/archive.php TICKETS LOTS, with the environment of bin/bench archive.

declare(strict_types=1);

use App\Actions\DishToGive;
use App\Actions\StoreTicket;
use App\Models\Lot;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use App\Services\CardPaper;
use App\Services\CardPdf;
use App\Services\Language;
use App\Services\ShopArchive;
use App\Services\Units;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $ticketCount, $lotCount] = $argv;
const ELSEWHERE = 'nessmark_browser';
const PDF_EVERY = 50;
const MOST_LEFT_G = 30_000;

/** @var Application $app */
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$random = new Random\Randomizer(new Random\Engine\Mt19937(5000));
$said = static function (string $what, float $since): void {
    printf("%-34s %7.1f s, %4.0f MB at most\n", $what, microtime(true) - $since, memory_get_peak_usage(true) / 1e6);
};

$since = microtime(true);
Artisan::call('migrate:fresh', ['--force' => true]);
$shop = Shop::query()->create(['name' => 'Shop with a long book', 'town' => 'Varrsund', 'safety_profile' => 'us', 'code' => 'book']);
$user = User::query()->create([
    'shop_id' => $shop->id,
    'name' => 'Archivist',
    'sign_in' => 'archivist',
    'password' => 'long-enough-1',
    'role' => Role::HeadButcher,
]);
$asks = [
    ['cut' => 'chicken-leg', 'method' => 'oven_roast', 'diners' => [['count' => 4]]],
    ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'diners' => [['count' => 4]]],
    ['cut' => 'pork-belly', 'method' => 'oven_roast', 'diners' => [['count' => 6]]],
    ['cut' => 'beef-shin-slices', 'method' => 'braise', 'diners' => [['count' => 5]]],
    ['cut' => 'beef-rib-eye-steak', 'method' => 'pan', 'diners' => [['count' => 2, 'doneness' => 'well']]],
];
for ($i = 1; $i <= (int) $lotCount; $i++) {
    Lot::query()->create([
        'shop_id' => $shop->id,
        'number' => "B-{$i}",
        'cut_slug' => $asks[$i % count($asks)]['cut'],
        'left_g' => $random->getInt(500, MOST_LEFT_G),
        'price_per_kg_minor' => $random->getInt(500, 9000),
        'packed' => 'wet',
        'origin' => 'Ardmoss 日本 "quoted"; =1+1',
    ]);
}
$store = $app->make(StoreTicket::class);
$refused = [];
for ($i = $made = 0; $made < (int) $ticketCount; $i++) {
    $which = $random->getInt(0, count($asks) - 1);
    $ask = $asks[$which];
    $ask['diners'][0]['count'] = $random->getInt(1, 8);
    $isFromLot = $i % 3 === 0;
    $ask += $isFromLot ? ['lot' => 'B-'.($which + count($asks) * $random->getInt(1, intdiv((int) $lotCount, count($asks)) - 1))] : [];
    $language = Language::cases()[$i % count(Language::cases())];
    try {
        $store->execute($user->load('shop'), [new DishToGive($ask)], Units::Metric, "Nº {$i}", null, $language);
        $made++;
    } catch (Throwable $error) {
        $refused[$error->getMessage()] = ($refused[$error->getMessage()] ?? 0) + 1;
    }
}
print_r($refused);
$said("{$ticketCount} tickets, {$lotCount} lots made", $since);

/** @return array<string, string> a sum over all rows of a table without their own numbers, of all cards on the phone, of some PDFs */
$sums = static function (Shop $shop) use ($app): array {
    $sums = [];
    $of = [
        'lots' => DB::table('lots')->where('shop_id', $shop->id),
        'users' => DB::table('users')->where('shop_id', $shop->id),
        'day_book' => DB::table('day_book')->where('shop_id', $shop->id),
        'tickets' => DB::table('tickets')->where('shop_id', $shop->id),
        'ticket_dishes' => DB::table('ticket_dishes')->whereIn('ticket_id', $shop->hasMany(Ticket::class)->select('id')),
        'lot_moves' => DB::table('lot_moves')->whereIn('lot_id', $shop->hasMany(Lot::class)->select('id')),
    ];
    foreach ($of as $table => $rows) {
        $hash = hash_init('sha256');
        $count = 0;
        foreach ($rows->orderBy('id')->cursor() as $row) {
            $own = ['id', 'shop_id', 'user_id', 'lot_id', ...$table === 'tickets' ? [] : ['ticket_id']];
            hash_update($hash, json_encode(array_diff_key((array) $row, array_flip($own)), JSON_THROW_ON_ERROR));
            $count++;
        }
        $sums[$table] = "{$count} ".hash_final($hash);
    }
    $pages = hash_init('sha256');
    $cards = hash_init('sha256');
    $number = $pdfs = 0;
    $tickets = Ticket::query()->with(Ticket::SHOWN)->where('shop_id', $shop->id)->orderBy('number');
    foreach ($tickets->lazy(100) as $ticket) {
        $address = (string) $ticket->cardLink?->url();
        $page = $app->handle(Illuminate\Http\Request::create($address))->getContent();
        hash_update($pages, (string) preg_replace('/nonce="[^"]*"/', '', (string) $page));
        if ($number++ % PDF_EVERY === 0) {
            $pdf = $app->make(CardPdf::class)->render($ticket, Units::Metric, $ticket->language, CardPaper::A5);
            hash_update($cards, (string) preg_replace('~/(?:CreationDate|ModDate) \([^)]*\)|/ID\s*\[[^]]*\]~', '', $pdf));
            $pdfs++;
        }
    }

    return [...$sums, 'cards on the phone' => "{$number} ".hash_final($pages), 'cards as PDF' => "{$pdfs} ".hash_final($cards)];
};

$since = microtime(true);
$before = $sums($shop->refresh());
$said('read before', $since);
$archive = $app->make(ShopArchive::class);
$path = getenv('NESSMARK_VAR').'/run/archive-'.bin2hex(random_bytes(4)).'.zip';
$since = microtime(true);
$archive->write($shop, $path, static fn () => null);
$said(sprintf('out, %.1f MB', filesize($path) / 1e6), $since);

config(['database.connections.mariadb.database' => ELSEWHERE, 'app.key' => 'base64:'.base64_encode(random_bytes(32))]);
DB::purge();
$app->forgetInstance('encrypter');
Crypt::clearResolvedInstances();
Artisan::call('migrate:fresh', ['--force' => true]);
$since = microtime(true);
$there = $archive->read($path, null, static fn () => null);
$said('in', $since);
$since = microtime(true);
$after = $sums($there);
$said('read after', $since);
unlink($path);
foreach ($before as $what => $sum) {
    printf("%-20s %6d %s\n", $what, (int) $sum, $after[$what] === $sum ? 'identical' : 'NOT identical');
}
exit($before === $after ? 0 : 1);
