<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Customer;
use App\Models\Lot;
use App\Models\OwnSeasoning;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use App\Services\ArchiveRefused;
use App\Services\CardPaper;
use App\Services\CardPdf;
use App\Services\Language;
use App\Services\ShopArchive;
use App\Services\Units;
use Illuminate\Support\Facades\DB;
use LogicException;
use ZipArchive;

/** A shop moves house with everything it has, and with nothing of its neighbours. */
final class ShopArchiveTest extends AppTestCase
{
    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = sys_get_temp_dir().'/nessmark-shop-'.bin2hex(random_bytes(6)).'.zip';
    }

    protected function tearDown(): void
    {
        if (is_file($this->path)) {
            unlink($this->path);
        }
        parent::tearDown();
    }

    public function test_it_comes_back_row_by_row_and_card_by_card_and_nobody_else_comes_with_it(): void
    {
        $shop = $this->shop();
        $this->actingAs($this->staff(shop: 'Next door', signIn: 'neighbour'))
            ->postJson('/api/v1/tickets', self::newTicket())
            ->assertCreated();
        $archive = $this->app->make(ShopArchive::class);
        $rows = $archive->write($shop, $this->path, static fn () => null);
        [$before, $card] = [self::said($shop), strlen($this->card($shop))];
        self::clear();
        $there = $archive->read($this->path, 'moved', static fn () => null);

        self::assertSame([2, 1, 1, 1], [$rows['tickets'], $rows['lots'], $rows['customers'], $rows['shops']]);
        self::assertSame(2, $rows['day_book']);
        self::assertSame($before, self::said($there));
        self::assertSame($card, strlen($this->card($there)));
        $address = Ticket::query()
            ->where('shop_id', $there->id)
            ->with('cardLink')
            ->orderByDesc('number')
            ->firstOrFail()
            ->cardLink?->url();
        self::assertNotNull($address);
        $this->get($address)->assertOk();
    }

    public function test_what_cannot_be_taken_is_named_by_file_and_row_and_nothing_is(): void
    {
        $archive = $this->app->make(ShopArchive::class);
        $archive->write($this->shop(), $this->path, static fn () => null);
        $zip = new ZipArchive();
        $zip->open($this->path);
        $dishes = (string) $zip->getFromName('tables/ticket_dishes.jsonl');
        $zip->addFromString('tables/ticket_dishes.jsonl', str_replace('"place":1', '"place":"first"', $dishes));
        $lots = (string) $zip->getFromName('tables/lots.jsonl');
        $zip->addFromString('tables/lots.jsonl', "{broken\n{$lots}");
        $zip->addFromString('tables/ovens.jsonl', "{}\n");
        $zip->close();
        self::clear();
        try {
            $archive->read($this->path, 'moved', static fn () => null);
            self::fail('taken');
        } catch (ArchiveRefused $error) {
            $rows = implode("\n", $error->rows);
            foreach (
                [
                    'tables/ovens.jsonl has no place',
                    'tables/lots.jsonl, row 1: Syntax error',
                    'tables/lots.jsonl has 2 rows, the manifest says 1',
                    'tables/ticket_dishes.jsonl, row 1',
                    'tables/ticket_dishes.jsonl, row 2',
                ] as $words
            ) {
                self::assertStringContainsString($words, $rows);
            }
        }

        self::assertSame([0, 0], [DB::table('tickets')->count(), Shop::query()->count()]);
        $this->staff()->shop->update(['code' => 'lock']);
        $this->expectExceptionMessage('already');
        $archive->read($this->path, null, static fn () => null);
    }

    public function test_a_word_there_is_not_is_refused_with_its_row(): void
    {
        $archive = $this->app->make(ShopArchive::class);
        $archive->write($this->shop(), $this->path, static fn () => null);
        $zip = new ZipArchive();
        $zip->open($this->path);
        $users = (string) $zip->getFromName('tables/users.jsonl');
        $zip->addFromString('tables/users.jsonl', str_replace('"head_butcher"', '"superadmin"', $users));
        $zip->close();
        self::clear();
        try {
            $archive->read($this->path, 'moved', static fn () => null);
            self::fail('it was taken');
        } catch (ArchiveRefused $refused) {
            self::assertStringContainsString('tables/users.jsonl, row 1: its role', $refused->rows[0]);
        }
        self::assertSame(0, Shop::query()->count());
    }

    public function test_a_cure_over_its_limit_comes_with_its_shop_and_is_locked_there(): void
    {
        $archive = $this->app->make(ShopArchive::class);
        $shop = $this->shop();
        OwnSeasoning::query()->create(['shop_id' => $shop->id, 'slug' => 'own-old-cure', 'recipe' => [
            'slug' => 'own-old-cure', 'name' => 'Old cure', 'kind' => 'rub', 'g_per_kg' => 20.0, 'groups' => ['pork'], 'strength' => 0.5,
            'parts' => [['of' => 'nitrite_salt_us', 'g' => 50.0], ['of' => 'fine_salt', 'g' => 50.0]],
        ]]);
        $archive->write($shop, $this->path, static fn () => null);
        self::clear();
        OwnSeasoning::query()->delete();
        $there = $archive->read($this->path, 'moved', static fn () => null);

        $this->actingAs(User::query()->where('shop_id', $there->id)->firstOrFail());
        $this->getJson('/api/v1/seasonings/own-old-cure')
            ->assertOk()
            ->assertJsonPath('is_locked', true)
            ->assertJsonPath('batch.amounts', []);
        $this->get('/api/v1/seasonings/own-old-cure/label.pdf?meat_g=1000')->assertUnprocessable();
    }

    public function test_cards_that_were_not_written_when_it_stopped_are_added_and_no_other(): void
    {
        $archive = $this->app->make(ShopArchive::class);
        $shop = $this->shop();
        $archive->write($shop, $this->path, static fn () => null);
        $written = [];
        $add = function () use ($archive, $shop, &$written): void {
            $card = static function (Ticket $ticket) use (&$written): string {
                $written[] = $ticket->number;

                return $ticket->number === 2 && count($written) === 2
                    ? throw new LogicException('out of paper')
                    : "%PDF {$ticket->number}";
            };
            $archive->addCards($shop, $this->path, $card, static fn () => null);
        };
        try {
            $add();
            self::fail('it was to stop');
        } catch (LogicException) {
            $add();
            $add();
        }
        $zip = new ZipArchive();
        $zip->open($this->path);

        self::assertSame(['%PDF 1', '%PDF 2'], array_map($zip->getFromName(...), ['cards/1.pdf', 'cards/2.pdf']));
        self::assertSame([1, 2, 2], $written, 'what was drawn before it stopped is in it');
        $calendar = (string) $zip->getFromName('calendar.ics');
        self::assertStringContainsString('SUMMARY:2: ', $calendar);
        self::assertStringNotContainsString('SUMMARY:1: ', $calendar, 'the second stands in its place');
        $this->expectException(ArchiveRefused::class);
        $archive->addCards(
            $this->staff(shop: 'Next door', signIn: 'neighbour')->shop,
            $this->path,
            static fn () => '',
            static fn () => null,
        );
    }

    public function test_by_command_it_goes_out_with_its_cards_and_says_what_keeps_it_from_coming_in(): void
    {
        $this->shop();
        $export = ['code' => 'lock', 'file' => $this->path, '--cards' => true];
        $this->artisan('nessmark:shop:export', $export)->expectsOutputToContain('cards: 2 of 2')->assertSuccessful();
        $this->artisan('nessmark:shop:export', $export)->expectsOutputToContain('the cards it lacks')->assertSuccessful();
        $this->artisan('nessmark:shop:export', ['code' => 'lock', 'file' => $this->path])->assertFailed();
        $zip = new ZipArchive();
        $zip->open($this->path);
        self::assertStringStartsWith('%PDF', (string) $zip->getFromName('cards/2.pdf'));
        $zip->deleteName('tables/tickets.jsonl');
        $zip->close();

        $this->artisan('nessmark:shop:import', ['file' => $this->path, '--code' => 'moved'])
            ->expectsOutputToContain('tables/tickets.jsonl has 0 rows, the manifest says 2.')
            ->assertFailed();
        self::assertSame(1, Shop::query()->count());
    }

    private function shop(): Shop
    {
        $user = $this->staff(Role::HeadButcher);
        $user->shop->update(['code' => 'lock', 'house' => ['time_zone' => 'Europe/Stockholm']]);
        $this->actingAs($user);
        $customer = Customer::query()->create([
            'shop_id' => $user->shop_id,
            'name' => 'Pell',
            'appliances' => [],
            'fires' => [],
            'language' => 'fr',
        ]);
        Lot::query()->create([
            'shop_id' => $user->shop_id,
            'number' => 'L-1',
            'cut_slug' => 'lamb-rump',
            'left_g' => 3000,
            'price_per_kg_minor' => 2800,
            'packed' => 'wet',
            'origin' => '',
        ]);
        $ask = [...self::RUMP, 'lot' => 'L-1', 'eat_at' => now()->addDay()->toAtomString()];
        $given = $this->postJson(
            '/api/v1/tickets',
            self::newTicket(['ask' => $ask], ['customer_id' => $customer->id]),
        )->assertCreated();
        $this->postJson("/api/v1/tickets/{$given->json('id')}/replan", ['eat_at' => now()->addHours(30)->toAtomString()])->assertOk();

        return $user->shop->refresh();
    }

    /** As in an installation where it never was. */
    private static function clear(): void
    {
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (
            ['bench_orders', 'ticket_dishes', 'card_links', 'lot_moves', 'tickets', 'lots', 'customers', 'users', 'shops'] as $table
        ) {
            DB::table($table)->delete();
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
    }

    private function card(Shop $shop): string
    {
        $ticket = Ticket::query()->with(Ticket::SHOWN)->where('shop_id', $shop->id)->orderByDesc('number')->firstOrFail();

        return $this->app->make(CardPdf::class)->render($ticket, Units::Metric, Language::French, CardPaper::A5);
    }

    /** @return array<string, list<string>> what every row says, without the numbers of rows */
    private static function said(Shop $shop): array
    {
        $of = [
            'tickets' => ['shop_id', $shop->id],
            'lots' => ['shop_id', $shop->id],
            'customers' => ['shop_id', $shop->id],
            'users' => ['shop_id', $shop->id],
            'day_book' => ['shop_id', $shop->id],
            'bench_orders' => ['shop_id', $shop->id],
        ];
        $said = [];
        foreach ($of as $table => [$column, $id]) {
            $said[$table] = array_map(
                static fn (object $row): string => (string) json_encode(
                    array_filter(
                        (array) $row,
                        static fn (string $key): bool => $key !== 'id' && ! str_ends_with($key, '_id'),
                        ARRAY_FILTER_USE_KEY,
                    ),
                ),
                DB::table($table)->where($column, $id)->orderBy('id')->get()->all(),
            );
        }
        $said['dishes'] = DB::table('ticket_dishes')
            ->join('tickets', 'tickets.id', '=', 'ticket_dishes.ticket_id')
            ->where('tickets.shop_id', $shop->id)
            ->orderBy('tickets.number')
            ->pluck('ticket_dishes.result')
            ->all();
        $said['moves'] = DB::table('lot_moves')
            ->join('lots', 'lots.id', '=', 'lot_moves.lot_id')
            ->where('lots.shop_id', $shop->id)
            ->orderBy('lot_moves.id')
            ->pluck('change_g')
            ->map(static fn ($g): string => (string) $g)
            ->all();

        return $said;
    }
}
