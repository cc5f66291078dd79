<?php

declare(strict_types=1);

namespace Tests\App;

use App\Services\Backups;
use App\Services\Health;
use App\Services\Room;
use App\Services\Sealed;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

/** Everything in one sealed file, and back again, row by row. */
final class BackupTest extends AppTestCase
{
    private const PHRASE = 'four gulls on a wet slate roof';

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/nessmark-backup-'.bin2hex(random_bytes(6));
        mkdir($this->folder, 0700);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_restore_brings_every_row_back(): void
    {
        DB::rollBack(); // a dump sees what is committed; this test clears up after itself
        try {
            $this->actingAs($this->staff(signIn: 'backup'))->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
            $path = $this->app->make(Backups::class)->make($this->folder, self::PHRASE);
            $before = self::rows(); // with the row that says a backup was made, which is not in it
            $this->artisan('migrate:fresh')->assertSuccessful();
            $key = $this->app->make(Backups::class)->bringBack($path, self::PHRASE);

            self::assertSame(config('app.key'), $key);
            self::assertSame([...$before, 'backups' => []], self::rows());
            self::assertStringNotContainsString('Varrsund', (string) file_get_contents($path));
            $this->expectExceptionMessage('There is a shop here already');
            $this->app->make(Backups::class)->bringBack($path, self::PHRASE);
        } finally {
            $this->artisan('migrate:fresh');
            DB::beginTransaction();
        }
    }

    public function test_a_restore_that_stops_half_way_begins_again_and_one_shop_comes_back_alone(): void
    {
        DB::rollBack();
        $backups = $this->app->make(Backups::class);
        config(['nessmark.backup_key' => self::PHRASE]);
        try {
            foreach (['Lock' => 'lock', 'Hill' => 'hill'] as $name => $code) {
                $user = $this->staff(shop: $name, signIn: $code);
                $user->shop->update(['code' => $code]);
                $this->actingAs($user)->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
            }
            touch("{$this->folder}/nessmark-20260101-000000.sealed.part"); // a run was killed
            $path = $backups->make($this->folder, self::PHRASE);
            $left = array_map(basename(...), glob("{$this->folder}/nessmark-*") ?: []);
            self::assertSame([basename($path)], $left, 'no plain copy, no rest');
            self::assertSame(['shops' => 2, 'tickets' => 2], $backups->rehearse($path, self::PHRASE));

            // one shop of two, while the other sells on
            $this->artisan('nessmark:restore:shop', ['file' => $path, 'code' => 'lock', '--as' => 'again'])
                ->expectsOutputToContain('are here still')
                ->assertFailed();
            $lock = (int) DB::table('shops')->where('code', 'lock')->value('id');
            DB::statement('SET FOREIGN_KEY_CHECKS = 0');
            DB::table('ticket_dishes')->whereIn('ticket_id', DB::table('tickets')->where('shop_id', $lock)->pluck('id'))->delete();
            foreach (['card_links' => 'ticket_id', 'bench_orders' => 'shop_id'] as $table => $column) {
                $of = $column === 'shop_id' ? [$lock] : DB::table('tickets')->where('shop_id', $lock)->pluck('id')->all();
                DB::table($table)->whereIn($column, $of)->delete();
            }
            foreach (['tickets', 'users', 'answers'] as $table) {
                DB::table($table)->where('shop_id', $lock)->delete();
            }
            DB::table('shops')->where('id', $lock)->delete();
            DB::statement('SET FOREIGN_KEY_CHECKS = 1');
            $this->artisan('nessmark:restore:shop', ['file' => $path, 'code' => 'lock'])->assertSuccessful();
            self::assertSame(['hill', 'lock'], DB::table('shops')->orderBy('code')->pluck('code')->all());
            self::assertSame(2, DB::table('tickets')->count());

            // half-way: the tables are there, and not what belongs into them
            $this->artisan('migrate:fresh')->assertSuccessful();
            DB::statement('CREATE TABLE restore_under_way (since TIMESTAMP NOT NULL)');
            DB::table('shops')->insert(['name' => 'Half', 'town' => 'Way', 'safety_profile' => 'us']);
            $backups->bringBack($path, self::PHRASE);
            self::assertSame([2, 2], [DB::table('shops')->count(), DB::table('tickets')->count()]);
            self::assertFalse(Schema::hasTable('restore_under_way'));
        } finally {
            $this->artisan('migrate:fresh');
            DB::beginTransaction();
        }
    }

    public function test_a_backup_of_less_than_half_is_no_base_and_nothing_older_goes(): void
    {
        DB::rollBack();
        config(['nessmark.backup_key' => self::PHRASE]);
        try {
            $this->actingAs($this->staff(signIn: 'base'))->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
            $this->artisan('nessmark:backup', ['folder' => $this->folder, '--as-base' => true])->assertSuccessful();
            $this->artisan('migrate:fresh')->assertSuccessful();
            $this->travel(1)->minutes();
            $this->artisan('nessmark:backup', ['folder' => $this->folder, '--as-base' => true])
                ->expectsOutputToContain('Are these the right data?')
                ->assertFailed();
            self::assertCount(2, glob("{$this->folder}/nessmark-*") ?: []);
        } finally {
            $this->artisan('migrate:fresh');
            DB::beginTransaction();
        }
    }

    public function test_the_newest_five_stay_whatever_the_clock_says(): void
    {
        foreach (range(1, 9) as $day) {
            touch("{$this->folder}/nessmark-2026110{$day}-024000.sealed");
        }
        $this->app->make(Backups::class)->rotate($this->folder, new DateTimeImmutable('2028-01-01'));

        self::assertSame(
            ['05', '06', '07', '08', '09'],
            array_map(static fn (string $name): string => substr(basename($name), 15, 2), glob("{$this->folder}/nessmark-*") ?: []),
        );
    }

    public function test_a_sealed_file_opens_with_its_phrase_and_unchanged_or_not_at_all(): void
    {
        $text = random_bytes(200_000);
        $sealed = self::memory('');
        (new Sealed(self::PHRASE))->seal(self::memory($text), $sealed);
        rewind($sealed);
        $bytes = (string) stream_get_contents($sealed);
        $open = static function (string $bytes, string $phrase): string {
            $plain = self::memory('');
            (new Sealed($phrase))->open(self::memory($bytes), $plain);
            rewind($plain);

            return (string) stream_get_contents($plain);
        };

        self::assertTrue($open($bytes, self::PHRASE) === $text);
        $changed = $bytes;
        $changed[100_000] = chr(ord($changed[100_000]) ^ 1);
        foreach (
            [
                [$bytes, 'another phrase of some length'],
                [$changed, self::PHRASE],
                [substr($bytes, 0, -1), self::PHRASE],
                [substr($bytes, 0, 131_000), self::PHRASE],
                ["{$bytes}x", self::PHRASE],
                ['no backup', self::PHRASE],
            ] as [$file, $phrase]
        ) {
            try {
                $open($file, $phrase);
                self::fail('opened');
            } catch (RuntimeException $error) {
                self::assertNotSame('', $error->getMessage());
            }
        }
    }

    public function test_of_two_years_of_nights_a_week_a_few_weeks_and_a_year_of_months_stay(): void
    {
        $today = new DateTimeImmutable('2028-03-15 04:00');
        for ($day = 0; $day < 730; $day++) {
            touch(sprintf('%s/nessmark-%s-024000.sealed', $this->folder, $today->modify("-{$day} days")->format('Ymd')));
        }
        touch("{$this->folder}/somebody-elses.txt");
        $this->app->make(Backups::class)->rotate($this->folder, $today);
        $left = array_map(basename(...), glob("{$this->folder}/nessmark-*") ?: []);

        self::assertContains('nessmark-20280315-024000.sealed', $left);
        self::assertContains('nessmark-20280309-024000.sealed', $left);
        self::assertContains('nessmark-20280229-024000.sealed', $left, 'the last of a month');
        self::assertContains('nessmark-20270430-024000.sealed', $left);
        self::assertNotContains('nessmark-20270101-024000.sealed', $left);
        self::assertLessThan(26, count($left));
        self::assertFileExists("{$this->folder}/somebody-elses.txt");
    }

    public function test_health_tells_what_is_needed_from_what_is_missed_and_nothing_else(): void
    {
        $report = $this->get('/health')->assertOk()->assertHeader('Cache-Control');
        self::assertTrue($report->json('checks.database.is_well'));
        self::assertFalse($report->json('checks.backup.is_well'));
        DB::table('backups')->insert(['made_at' => now()->subHours(5), 'file' => 'x', 'bytes' => 1, 'sha256' => str_repeat('0', 64)]);
        cache()->forever(Health::BEAT, now()->getTimestamp());
        $this->get('/health')->assertJsonPath('backup_age_h', null); // whoever asks again at once is told the same
        $this->travel(4)->seconds();
        $report = $this->get('/health')->assertOk();
        self::assertSame(
            [5, true, true],
            [$report->json('backup_age_h'), $report->json('checks.backup.is_well'), $report->json('checks.scheduler.is_well')],
        );
        self::assertSame(['is_well', 'checks', 'backup_age_h', 'engine_version'], array_keys($report->json()));
        $this->get('/api/v1/session')->assertHeader('X-Request-Id');
    }

    public function test_without_its_database_it_says_so_and_keeps_its_head(): void
    {
        config(['database.connections.mariadb.port' => 1, 'session.driver' => 'database']);
        DB::rollBack();
        DB::purge();
        try {
            $this->get('/health')
                ->assertStatus(503)
                ->assertJsonPath('checks.database.is_well', false)
                ->assertJsonPath('is_well', false);
            $this->get('/counter')->assertStatus(503)->assertHeader('Retry-After', '5')->assertSee('Not there for a moment');
            $this->postJson('/api/v1/session', ['sign_in' => 'a', 'password' => 'b'], ['Referer' => 'http://localhost/'])
                ->assertStatus(503)
                ->assertJsonPath('reason', 'store.out');
        } finally {
            config(['database.connections.mariadb.port' => env('DB_PORT')]);
            DB::purge();
            DB::beginTransaction();
        }
    }

    public function test_nothing_is_begun_on_a_full_disk_and_it_goes_on_by_itself(): void
    {
        $user = $this->staff();
        $this->app->instance(Room::class, new Room([storage_path()], INF));
        $this->get('/health')->assertStatus(503)->assertJsonPath('checks.writing.is_well', false);
        $this->get('/counter')->assertStatus(503)->assertSee('Not there for a moment');
        $this->actingAs($user)
            ->postJson('/api/v1/tickets', self::newTicket())
            ->assertStatus(503)
            ->assertJsonPath('reason', 'store.out');
        self::assertSame(0, DB::table('tickets')->count());

        $this->app->instance(Room::class, new Room([storage_path(), '/no/such/disk']));
        $this->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
    }

    /** @return array<string, list<string>> every row of every table */
    private static function rows(): array
    {
        $rows = [];
        foreach (DB::select("SHOW FULL TABLES WHERE Table_type = 'BASE TABLE'") as $table) {
            $name = (string) current((array) $table);
            $rows[$name] = array_map(static fn (object $row): string => (string) json_encode($row), DB::table($name)->get()->all());
            sort($rows[$name]);
        }
        ksort($rows);

        return $rows;
    }

    /** @return resource */
    private static function memory(string $text)
    {
        $stream = fopen('php://temp', 'w+b') ?: throw new RuntimeException('no memory');
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }
}
