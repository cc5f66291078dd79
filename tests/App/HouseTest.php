<?php

declare(strict_types=1);

namespace Tests\App;

use App\Actions\LastHead;
use App\Models\Customer;
use App\Models\Role;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Nessmark\Errors\InputRefused;
use PHPUnit\Framework\Attributes\TestWith;

/** How a shop does it, who works there, and who comes again. */
final class HouseTest extends AppTestCase
{
    public function test_a_house_s_school_is_followed_and_the_ticket_says_so(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        $before = $this->postJson('/api/v1/advice', [...self::RUMP, 'method' => 'pan'])
            ->assertOk()
            ->assertJsonPath('ticket.schools.turning', 'often')
            ->json('ticket');
        $this->putJson('/api/v1/house', [
            'profile' => 'us',
            'schools' => ['turning' => 'once'],
            'portions_pct' => 120,
            'units' => 'imperial',
            'margin_pct' => 32,
            'currency' => 'GBP',
        ])
            ->assertOk()
            ->assertJsonPath('rules.schools', ['turning' => 'once'])
            ->assertJsonPath('rules.units', 'imperial')
            ->assertJsonPath('rules.margin_pct', 32)
            ->assertJsonCount(18, 'schools');
        $after = $this->postJson('/api/v1/advice', [...self::RUMP, 'method' => 'pan'])
            ->assertOk()
            ->assertJsonPath('ticket.schools.turning', 'once')
            ->json('ticket');

        self::assertGreaterThan($before['cross_section']['grey_band_mm'], $after['cross_section']['grey_band_mm']);
        $topside = ['cut' => 'beef-topside', 'method' => 'oven_roast', 'diners' => [['count' => 8]]];
        // 8 × 190 g and a fifth more, cut to the next 50 g
        self::assertEquals(1850.0, $this->postJson('/api/v1/advice', $topside)->json('ticket.amounts.raw_g'));
        $this->getJson('/api/v1/session')->assertJsonPath('shop.units', 'imperial')->assertJsonPath('shop.currency', 'GBP');
    }

    public function test_safety_is_only_tightened_and_only_by_the_head_butcher(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        $this->putJson('/api/v1/house', ['profile' => 'us', 'minimum_c' => ['poultry' => 60]])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'minimum_c.poultry');
        $this->putJson('/api/v1/house', ['profile' => 'us', 'stops_below' => true])->assertOk();
        $this->postJson('/api/v1/advice', self::RUMP)->assertOk()->assertJsonPath('ticket.verdict.level', 'stop');

        $this->actingAs($this->staff(Role::Advisor, signIn: 'maret'))
            ->putJson('/api/v1/house', ['profile' => 'us'])
            ->assertForbidden();
        $this->getJson('/api/v1/house')->assertOk()->assertJsonPath('may_change', false);
        $this->getJson('/api/v1/staff')->assertForbidden();
    }

    public function test_what_the_options_of_a_school_come_to_is_computed_for_its_example_or_the_piece_at_hand(): void
    {
        $this->actingAs($this->staff())
            ->postJson('/api/v1/schools/turning/difference')
            ->assertOk()
            ->assertJsonPath('cut', 'beef-rib-eye-steak')
            ->assertJsonCount(2, 'rows');
        $this->postJson('/api/v1/schools/turning/difference', ['ask' => [...self::RUMP, 'method' => 'pan']])
            ->assertOk()
            ->assertJsonPath('cut', 'lamb-rump');
        $this->postJson('/api/v1/schools/oil/difference')->assertOk()->assertJsonPath('rows', []);
        $this->postJson('/api/v1/schools/weather/difference')->assertUnprocessable()->assertJsonPath('violations.0.key', 'school');
    }

    public function test_a_price_leaves_its_margin(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher))
            ->getJson('/api/v1/price?cost_per_kg=17&margin_pct=32')
            ->assertOk()
            ->assertJsonPath('price_per_kg', 25); // 17 / 0.68
    }

    #[TestWith(['eleven-one1', false])]
    #[TestWith(['Password12345', false])]
    #[TestWith(['abcdefghijklm', false])]
    #[TestWith(['qwertyuiopas', false])]
    #[TestWith(['aaaaaaaaaaaaaa', false])]
    #[TestWith(['Tove-Marie123', false])]
    #[TestWith(['two gulls, one crust', true])]
    public function test_a_password_that_is_tried_first_is_refused(string $password, bool $isTaken): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        $new = ['name' => 'Tove-Marie', 'sign_in' => 'tove', 'role' => 'cutter', 'password' => $password];

        $this->postJson('/api/v1/staff', $new)->assertStatus($isTaken ? 201 : 422);
        self::assertSame($isTaken ? 1 : 0, User::query()->where('sign_in', 'tove')->count());
    }

    public function test_somebody_is_made_head_butcher_by_command(): void
    {
        $advisor = $this->staff(Role::Advisor, signIn: 'maret');
        $this->artisan('nessmark:head', ['sign-in' => 'nobody'])->assertFailed();
        $this->artisan('nessmark:head', ['sign-in' => 'maret'])->expectsOutputToContain('is head butcher')->assertSuccessful();
        self::assertSame([Role::HeadButcher, true], [$advisor->refresh()->role, $advisor->must_change_password]);
        $this->artisan('nessmark:head', ['sign-in' => 'una', '--name' => 'Una'])->assertSuccessful();
        self::assertSame(Role::HeadButcher, User::query()->where('sign_in', 'una')->sole()->role);
    }

    public function test_of_two_head_butchers_who_demote_each_other_one_stays(): void
    {
        $one = $this->staff(Role::HeadButcher, signIn: 'one');
        $other = User::query()->create([
            'shop_id' => $one->shop_id, 'name' => 'Other', 'sign_in' => 'other', 'role' => Role::HeadButcher,
            'password' => 'long-enough-22',
        ]);
        [$asOneSaw, $asOtherSaw] = [$one->fresh(), $other->fresh()];
        $heads = $this->app->make(LastHead::class);
        $heads->keeping($asOneSaw, static fn (User $now): bool => $now->update(['role' => Role::Cutter]));
        $this->expectException(InputRefused::class);
        DB::enableQueryLog();
        try {
            $heads->keeping($asOtherSaw, static fn (User $now): bool => $now->update(['left_at' => now()]));
        } finally {
            self::assertMatchesRegularExpression('/from `shops` .* for update/', DB::getQueryLog()[0]['query'], 'one at a time');
            self::assertNull($other->refresh()->left_at);
        }
    }

    public function test_who_has_left_cannot_sign_in_and_the_last_head_butcher_stays(): void
    {
        $head = $this->staff(Role::HeadButcher, signIn: 'ysolde');
        $this->actingAs($head)
            ->postJson('/api/v1/staff', ['name' => 'Tove', 'sign_in' => 'tove', 'role' => 'cutter', 'password' => 'long-enough-2'])
            ->assertCreated();
        $this->postJson('/api/v1/staff', ['name' => 'Tove', 'sign_in' => 'tove', 'role' => 'cutter', 'password' => 'short'])
            ->assertUnprocessable()
            ->assertJsonCount(2, 'violations');
        $this->putJson("/api/v1/staff/{$head->id}", ['role' => 'advisor'])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'role');
        $this->deleteJson("/api/v1/staff/{$head->id}")->assertUnprocessable();
        $tove = User::query()->where('sign_in', 'tove')->firstOrFail();
        $this->putJson("/api/v1/staff/{$tove->id}", ['role' => 'advisor'])
            ->assertOk()
            ->assertJsonPath('role', 'advisor');
        $this->deleteJson("/api/v1/staff/{$tove->id}")->assertNoContent();

        $this->getJson('/api/v1/staff')->assertJsonCount(1, 'staff');
        $other = $this->staff(Role::HeadButcher, shop: 'Shop over the bridge', signIn: 'other');
        $this->putJson("/api/v1/staff/{$other->id}", ['name' => 'Mine now'])->assertNotFound();
    }

    public function test_a_customer_is_known_by_a_name_and_a_kitchen_and_forgotten_without_a_trace(): void
    {
        $this->actingAs($this->staff());
        $id = $this->postJson('/api/v1/customers', ['name' => 'Pell', 'appliances' => ['pan', 'oven'], 'fires' => ['oven' => 'fan']])
            ->assertCreated()
            ->json('id');
        $this->postJson('/api/v1/customers', ['name' => 'Pell'])->assertUnprocessable();
        $this->postJson('/api/v1/customers', ['name' => 'Odd', 'appliances' => ['cauldron']])->assertUnprocessable();
        $this->postJson('/api/v1/tickets', self::newTicket(change: ['customer_label' => null, 'customer_id' => $id]))
            ->assertCreated()
            ->assertJsonPath('customer_label', 'Pell');
        $this->getJson('/api/v1/customers?find=pe')
            ->assertJsonPath('customers.0.tickets', 1)
            ->assertJsonPath('customers.0.fires.oven', 'fan');
        $this->getJson("/api/v1/tickets?customer={$id}")->assertJsonCount(1, 'tickets');

        $this->actingAs($this->staff(shop: 'Shop over the bridge', signIn: 'other'))
            ->deleteJson("/api/v1/customers/{$id}")
            ->assertNotFound();
        $this->actingAs(User::query()->where('sign_in', 'advisor')->firstOrFail())
            ->deleteJson("/api/v1/customers/{$id}")
            ->assertNoContent();
        self::assertSame(
            [0, null, null],
            [
                Customer::query()->count(),
                ...array_values(
                    Ticket::query()
                        ->firstOrFail()
                        ->only(['customer_label', 'customer_id']),
                ),
            ],
        );
        self::assertStringNotContainsString(
            'Pell',
            (string) json_encode(\Illuminate\Support\Facades\DB::select('select * from tickets')),
        );
    }
}
