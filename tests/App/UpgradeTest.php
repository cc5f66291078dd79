<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/** The data of the version before, kept as it was dumped from its demo, is brought up to today: nothing is lost and everything opens. */
final class UpgradeTest extends AppTestCase
{
    private const BEFORE = 'nessmark_before';

    private const DUMP = 'tests/Reference/demo-0.9.0.sql.gz';

    /** The key that demo's card addresses are kept under; it opens nothing else. */
    private const ITS_KEY = 'base64:EwiaON+kQGdUaK3xU/H0it9Xt7g4sdrQOrTTg2WWLCs=';

    /** Lives for a minute or a day, or is the program's own. */
    private const NOBODYS = ['migrations', 'sessions', 'answers', 'once_keys'];

    protected function setUp(): void
    {
        parent::setUp();
        config([
            'database.connections.old' => [...config('database.connections.mariadb'), 'database' => self::BEFORE],
            'app.key' => self::ITS_KEY,
        ]);
        $this->app->forgetInstance('encrypter');
        Crypt::clearResolvedInstances();
        $this->artisan('db:wipe', ['--database' => 'old', '--force' => true])->assertSuccessful();
        DB::connection('old')->unprepared((string) gzdecode((string) file_get_contents(base_path(self::DUMP))));
    }

    protected function tearDown(): void
    {
        DB::setDefaultConnection('mariadb');
        DB::purge('old');
        parent::tearDown();
    }

    public function test_every_row_of_before_is_there_and_every_ticket_opens_and_prints(): void
    {
        $before = self::rows();
        $this->artisan('migrate', ['--database' => 'old', '--force' => true])->assertSuccessful();
        $after = self::rows();

        self::assertGreaterThanOrEqual(10, count($before['tickets']));
        foreach ($before as $table => $rows) {
            self::assertCount(count($rows), $after[$table], $table);
            foreach ($rows as $i => $row) {
                self::assertSame($row, array_intersect_key($after[$table][$i], $row), $table);
            }
        }

        DB::setDefaultConnection('old');
        $head = User::query()->with('shop')->where('role', Role::HeadButcher)->firstOrFail();
        foreach (Ticket::query()->where('shop_id', $head->shop_id)->with('dishes')->get() as $ticket) {
            $this->actingAs($head)
                ->getJson("/api/v1/tickets/{$ticket->id}")
                ->assertOk()
                ->assertJsonCount($ticket->dishes->count(), 'dishes')
                ->assertJsonPath('dishes.0.ask.cut', $ticket->dishes->first()?->cut_slug);
            self::assertStringStartsWith(
                '%PDF',
                (string) $this->get("/api/v1/tickets/{$ticket->id}/card.pdf?language=de")
                    ->assertOk()
                    ->getContent(),
            );
        }
        $this->getJson('/api/v1/case')
            ->assertOk()
            ->assertJsonCount(DB::table('lots')->where('shop_id', $head->shop_id)->count(), 'lots');
    }

    /** @return array<string, list<array<string, mixed>>> every row, by table */
    private static function rows(): array
    {
        $old = DB::connection('old');
        $rows = [];
        foreach ($old->select("SHOW FULL TABLES WHERE Table_type = 'BASE TABLE'") as $table) {
            $name = (string) current((array) $table);
            if (! in_array($name, self::NOBODYS, true)) {
                $rows[$name] = array_map(
                    static fn (object $row): array => (array) $row,
                    $old->table($name)->orderBy('id')->get()->all(),
                );
            }
        }

        return $rows;
    }
}
