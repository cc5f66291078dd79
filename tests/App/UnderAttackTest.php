<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Customer;
use App\Models\Role;
use App\Models\User;
use App\Services\Csv;
use App\Services\SignIn;
use Generator;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Support\Facades\Log;
use Nessmark\Contract\LotCsv;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever comes in is answered, named and small: never an error of ours. */
final class UnderAttackTest extends AppTestCase
{
    private const FAR = '"now":"2026-12-01T10:00:00Z","eat_at":"2062-12-01T19:00:00Z","diners":[{"count":1}]';

    /** @return Generator<string, array{string, string, string, int}> verb, path, body, status */
    public static function unsound(): Generator
    {
        yield 'NUL in a text' => ['POST', 'ask-line', '{"line":"2 steak\u0000"}', 422];
        yield 'NUL in a key' => ['POST', 'advice', '{"cut\u0000":"x"}', 422];
        yield 'broken UTF-8' => ['POST', 'advice', "{\"cut\":\"\xff\xfe\"}", 422];
        yield 'broken UTF-8 in the address' => ['GET', 'tickets?find=%ff%fe', '', 422];
        yield 'NUL in the address' => ['GET', 'cuts?find=%00', '', 422];
        yield 'a list where a text belongs' => ['GET', 'tickets?find[]=x', '', 422];
        yield 'a tree to compare cuts by' => ['GET', 'compare?cuts[a][b]=x', '', 422];
        yield 'nothing to look for is no fault' => ['GET', 'tickets?find=&page=1', '', 200];
        yield 'a list for a name' => ['POST', 'session', '{"sign_in":["a"],"password":["b"]}', 422];
        yield 'three hundred thousand items' => [
            'POST',
            'advice',
            '{"cut":"lamb-rump","appliances":['.implode(',', array_fill(0, 60_000, '1')).']}',
            422,
        ];
        yield 'as deep as a well' => ['POST', 'advice', str_repeat('[', 400).str_repeat(']', 400), 422];
        yield 'ten megabytes' => ['POST', 'advice', '{"cut":"'.str_repeat('a', 10_000_000).'"}', 422];
        yield 'an infinite number' => ['POST', 'advice', '{"cut":"lamb-rump","thickness_mm":1e999,"diners":[{"count":1}]}', 422];
        yield 'a lot of another kind' => ['POST', 'case/lots', '{"number":["L"],"cut":{"a":1},"price_per_kg":"x","weight_g":[]}', 422];
        yield 'a file that is no table' => ['POST', 'case/import', '{"lots":"all"}', 422];
        yield 'a name that is a list' => [
            'POST', 'staff', '{"name":["a"],"sign_in":{"b":1},"role":"cutter","password":"long-enough-22"}', 422,
        ];
        yield 'a word of a book' => [
            'POST', 'matches', '{"now":"2026-12-01T10:00:00Z","diners":[{"count":1}],"or":["'.str_repeat('x', 33_000).'"]}', 422,
        ];
        yield 'a year mistyped, asked' => ['POST', 'advice', '{"cut":"lamb-rump",'.self::FAR.'}', 422];
        yield 'a year mistyped, matched' => ['POST', 'matches', '{'.self::FAR.'}', 422];
        yield 'a year mistyped, to the bench' => ['POST', 'bench', '{"ask":{"cut":"lamb-rump",'.self::FAR.'}}', 422];
        yield 'a year mistyped, given' => [
            'POST', 'tickets', '{"units":"metric","dishes":[{"ask":{"cut":"lamb-rump",'.self::FAR.'},"cautions_read":[]}]}', 422,
        ];
        yield 'no sense at all' => ['PUT', 'house', '[[]]', 422];
        yield 'names as a text' => ['POST', 'catalogue/import', '{"cuts":[],"names":"x","hidden":5}', 422];
    }

    #[DataProvider('unsound')]
    public function test_unsound_input_is_refused_by_name_and_is_no_fault_in_the_log(
        string $verb,
        string $path,
        string $body,
        int $status,
    ): void {
        Log::spy();
        $reply = $this->actingAs($this->staff(Role::HeadButcher))->call(
            $verb,
            "/api/v1/{$path}",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        );

        $reply->assertStatus($status);
        self::assertLessThan(20_000, strlen((string) $reply->getContent()));
        Log::shouldNotHaveReceived('error');
        Log::shouldNotHaveReceived('log');
    }

    public function test_what_comes_in_another_form_than_json_is_not_read(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        $forms = [
            'multipart/form-data; boundary=x' => '',
            'application/x-www-form-urlencoded' => 'name=a%00b',
            'text/plain' => '{"name":"Ann"}',
            'application/xml' => '<name/>',
            '' => '{"name":"Ann"}',
        ];
        foreach ($forms as $type => $body) {
            $server = ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'];
            $this->call('POST', '/api/v1/customers', ['name' => "a\0b"], server: $server, content: $body)
                ->assertStatus(415)
                ->assertJsonPath('reason', 'content.type');
        }
        self::assertSame(0, Customer::query()->count());
        $form = ['how' => "go\0od"];
        $this->call('POST', '/nobody', $form, server: ['CONTENT_TYPE' => 'application/x-www-form-urlencoded'])->assertStatus(422);
    }

    public function test_a_file_that_would_hold_a_worker_is_refused_before_it_is_read(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        foreach (['text/csv' => [',', "\n"], 'application/json' => ['1,']] as $type => $fills) {
            foreach ($fills as $fill) {
                $body = $type === 'text/csv' ? "number,cut\n".str_repeat($fill, 1_500_000) : '{"lots":['.str_repeat($fill, 1_500_000).'1]}';
                $server = ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'];
                $reply = $this->call('POST', '/api/v1/case/import', server: $server, content: $body)->assertStatus(422);
                self::assertSame('(input)', $reply->json('violations.0.key'));
            }
        }
    }

    public function test_the_third_heavy_question_of_one_person_waits_and_a_colleague_s_does_not(): void
    {
        $user = $this->staff();
        $locks = $this->app->make(LockProvider::class);
        $held = array_map(static fn (int $i) => $locks->lock("heavy.{$user->id}.{$i}", 30), [0, 1]);
        array_map(static fn ($lock): bool => $lock->get(), $held);
        $this->actingAs($user)->postJson('/api/v1/advice', self::RUMP)->assertStatus(429)->assertHeader('Retry-After');
        $this->actingAs($this->staff(signIn: 'colleague'))->postJson('/api/v1/advice', self::RUMP)->assertOk();
        $held[1]->release();
        $this->actingAs($user)->postJson('/api/v1/advice', self::RUMP)->assertOk();
        $this->postJson('/api/v1/advice', self::RUMP)->assertOk(); // it has let go of its place
    }

    public function test_of_thousands_of_wrong_keys_fifty_are_named(): void
    {
        $reply = $this->actingAs($this->staff())->postJson('/api/v1/advice', [
            'cut' => 'lamb-rump',
            'thickness_mm' => 45,
            'diners' => [['count' => 1]],
            ...array_fill_keys(array_map(static fn (int $i): string => "key{$i}", range(1, 1900)), 1),
        ]);

        $reply->assertUnprocessable()->assertJsonCount(50, 'violations');
    }

    public function test_equal_sign_ins_at_once_and_long_passwords_are_refused(): void
    {
        $head = $this->staff(Role::HeadButcher, signIn: 'head');
        $new = ['name' => 'Una', 'sign_in' => 'una', 'role' => 'cutter', 'password' => 'long-enough-3'];
        $this->actingAs($head)
            ->postJson('/api/v1/staff', [...$new, 'password' => str_repeat('é', 37)])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'password');
        // Both have been told that the name is free; the database has the last word.
        User::creating(static function (User $user): void {
            User::flushEventListeners();
            User::query()->insert([...$user->getAttributes(), 'created_at' => now(), 'updated_at' => now()]);
        });
        $this->postJson('/api/v1/staff', $new)->assertConflict()->assertJsonPath('reason', 'taken');
        User::clearBootedModels();
    }

    public function test_nobody_s_name_is_turned_away_like_a_wrong_password_and_names_are_exact(): void
    {
        $this->staff(signIn: 'maret');
        $in = app(SignIn::class);

        self::assertNotNull($in->who('maret', 'long-enough-1'));
        self::assertNull($in->who('Maret', 'long-enough-1'));
        self::assertNull($in->who('maret ', 'long-enough-1'));
        $hash = cache()->get('sign-in.nobody');
        self::assertSame(
            password_get_info($hash)['options'],
            password_get_info((string) User::query()->firstOrFail()->password)['options'],
            'as dear to check as a real one',
        );
    }

    public function test_a_spreadsheet_runs_nothing_of_ours_and_nothing_is_lost(): void
    {
        $lot = [
            'number' => '=1+1',
            'cut' => 'lamb-rump',
            'weight_g' => 100.0,
            'price_per_kg' => 20.0,
            'origin' => "'+fields",
            'packed' => '@dry',
        ];
        $csv = Csv::write(LotCsv::HEADER, [LotCsv::cells($lot)]);

        self::assertStringContainsString("'=1+1,", $csv);
        $back = Csv::read($csv, LotCsv::HEADER)[0];
        self::assertSame(['=1+1', "'+fields", '@dry'], [$back['number'], $back['origin'], $back['packed']]);
    }

    public function test_a_file_with_semicolons_is_taken_and_one_that_is_not_utf8_is_refused_with_a_hint(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        $send = fn (string $csv) => $this->call(
            'POST',
            '/api/v1/case/import',
            server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'],
            content: $csv,
        );

        $send("number;cut;weight_g;price_per_kg\nA;beef-mince;500;10\n")->assertOk()->assertJsonPath('received', 1);
        $send("number,cut,origin,price_per_kg\nA,beef-mince,Sk\xe5ne,10\n")
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.allowed', 'text in UTF-8 without NUL; save the file as UTF-8');
        $send("number,cut,weight_g,price_per_kg\n\nA,beef-mince,500,10\nB,beef-mince,x,10\n")
            ->assertUnprocessable()
            ->assertJsonPath('refused.0.row', 4);
    }

    public function test_in_production_only_our_own_host_is_answered_and_only_over_https(): void
    {
        app()->detectEnvironment(static fn (): string => 'production');
        self::assertStringContainsString('max-age=31536000', (string) $this->get('/up')->headers->get('Strict-Transport-Security'));
        config(['app.url' => 'https://counter.example']);
        $hosts = (new \Illuminate\Http\Middleware\TrustHosts(app()))->hosts();

        self::assertSame(['^counter\.example$'], $hosts);
    }

    public function test_the_dearest_asks_stay_within_what_a_counter_needs(): void
    {
        $groups = array_map(static fn (int $i): array => ['count' => 1, 'doneness' => 'cooked', 'avoid' => ["dish {$i}"]], range(1, 12));

        $this->actingAs($this->staff())
            ->postJson('/api/v1/advice', ['cut' => 'oysters', 'thickness_mm' => 20, 'diners' => $groups])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'diners');
    }
}
