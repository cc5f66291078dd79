<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Services\DayBook;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Nessmark\Safety\Profile;
use PHPUnit\Framework\Attributes\Group;

/** A shop is opened by command; its first password opens nothing but the change of it; what is done stands in the book. */
#[Group('clock')]
final class OpenShopTest extends AppTestCase
{
    private const FROM_THE_PAGE = ['Referer' => 'http://localhost/sign-in', 'Origin' => 'http://localhost'];

    private const OPEN = [
        '--name' => 'The Gull and Anvil',
        '--town' => 'Varrsund',
        '--zone' => 'Europe/London',
        '--head-name' => 'Una Merrit',
        '--head-sign-in' => 'una',
        '--no-interaction' => true,
    ];

    public function test_a_shop_opens_with_its_rules_and_one_head_butcher_who_must_change_the_password(): void
    {
        $password = $this->open();
        $shop = Shop::query()->where('code', 'the-gull-and-anvil')->firstOrFail();
        $head = User::query()->where('shop_id', $shop->id)->firstOrFail();

        self::assertSame([Profile::Uk, 'Europe/London'], [$shop->safety_profile, $shop->now()->getTimezone()->getName()]);
        self::assertSame(Role::HeadButcher, $head->role);
        $this->actingAs($head)->getJson('/api/v1/case')->assertConflict();
        $this->getJson('/api/v1/session')->assertJsonPath('must_change_password', true);
        $this->change('wrong-password', 'kittiwake-12')->assertUnprocessable();
        $this->change($password, 'short')->assertUnprocessable();
        $this->change($password, $password)->assertUnprocessable();
        $this->change($password, '12345una67890')->assertUnprocessable();
        $this->change($password, 'kittiwake-12')->assertOk()->assertJsonPath('must_change_password', false);
        $this->getJson('/api/v1/case')->assertOk();
    }

    public function test_what_would_weaken_or_muddle_what_is_there_is_refused(): void
    {
        $this->open();
        foreach (
            [[], ['--code' => 'x'], ['--zone' => 'Europe/Nowhere'], ['--profile' => 'none'], ['--currency' => 'QQQ']] as $otherwise
        ) {
            self::assertSame(2, Artisan::call('nessmark:shop:open', [...self::OPEN, ...$otherwise]), json_encode($otherwise) ?: '');
        }
        self::assertSame(1, Shop::query()->count());
    }

    public function test_two_shops_may_each_have_an_una_who_signs_in_with_her_shop(): void
    {
        $first = $this->open();
        $second = $this->open(['--code' => 'other']);
        $signIn = fn (string $name, string $password) => $this->postJson(
            '/api/v1/session',
            [
                'sign_in' => $name,
                'password' => $password,
            ],
            self::FROM_THE_PAGE,
        );

        $signIn('una', 'neither of theirs')->assertUnprocessable();
        $signIn('una@other', $first)->assertUnprocessable();
        $signIn('una@other', $second)->assertOk();
        self::assertSame('other', $this->app->make('auth')->user()->shop->code);
    }

    public function test_the_book_says_who_did_what_and_the_database_lets_nobody_change_it(): void
    {
        $user = $this->staff(Role::HeadButcher);
        $this->actingAs($user)->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
        $this->postJson('/api/v1/staff', [
            'name' => 'Tove',
            'sign_in' => 'tove',
            'role' => 'cutter',
            'password' => 'long-enough-2',
        ])->assertCreated();
        $entries = $this->getJson('/api/v1/day-book')->assertOk()->json('entries');

        self::assertSame(['staff.added', 'ticket.given'], array_column($entries, 'what'));
        self::assertSame(['Somebody', ['ticket' => 1, 'dishes' => 1]], [$entries[1]['who'], $entries[1]['about']]);
        self::assertStringNotContainsString('Pell', json_encode($entries) ?: '', 'no customer is named');
        $this->getJson('/api/v1/day-book?what=ticket.given')->assertJsonCount(1, 'entries');
        $this->getJson('/api/v1/day-book?from=2099-01-01')->assertJsonCount(0, 'entries');
        self::assertStringContainsString('staff.added', (string) $this->get('/api/v1/day-book/export.csv')->assertOk()->getContent());
        foreach (['UPDATE day_book SET what = "x"', 'DELETE FROM day_book'] as $sql) {
            try {
                DB::statement($sql);
                self::fail($sql);
            } catch (QueryException $error) {
                self::assertStringContainsString('not written over', $error->getMessage());
            }
        }
    }

    public function test_the_book_is_the_head_butchers_and_of_their_own_shop(): void
    {
        $this->app->make(DayBook::class)->note($this->staff(Role::HeadButcher, 'Another shop', 'other-head'), 'session.started');
        $this->actingAs($this->staff())->getJson('/api/v1/day-book')->assertForbidden();
        $this->actingAs($this->staff(Role::HeadButcher, signIn: 'head'))
            ->getJson('/api/v1/day-book')
            ->assertJsonCount(0, 'entries');
    }

    /** @param  array<string, string>  $otherwise */
    private function open(array $otherwise = []): string
    {
        self::assertSame(0, Artisan::call('nessmark:shop:open', [...self::OPEN, ...$otherwise]));
        preg_match('/Password\s+(\S+)/', Artisan::output(), $found);

        return $found[1] ?? '';
    }

    private function change(string $old, string $new): \Illuminate\Testing\TestResponse
    {
        return $this->putJson('/api/v1/session/password', ['password' => $old, 'new_password' => $new], self::FROM_THE_PAGE);
    }
}
