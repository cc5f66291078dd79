<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\Role;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\Group;

/** Days and hours are those of the shop, wherever the server stands. */
#[Group('clock')]
final class ShopClockTest extends AppTestCase
{
    public function test_a_lot_is_past_its_day_when_the_shop_s_day_is_over(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-11-27T23:30:00Z')); // in Auckland it is midday of the 28th
        $head = $this->staff(Role::HeadButcher);
        $this->actingAs($head)
            ->postJson('/api/v1/case/lots', [
                'number' => 'L1',
                'cut' => 'lamb-rump',
                'thickness_mm' => 45,
                'weight_g' => 3000,
                'price_per_kg' => 26,
                'use_by' => '2026-11-27',
                'aged_days' => 10,
            ])
            ->assertCreated();
        $this->getJson('/api/v1/case')->assertJsonPath('lots.0.days_left', 0)->assertJsonPath('lots.0.aged_days', 10);

        $this->putJson('/api/v1/house', ['profile' => 'us', 'time_zone' => 'Pacific/Auckland'])
            ->assertOk()
            ->assertJsonPath('rules.time_zone', 'Pacific/Auckland');
        $head->unsetRelation('shop')->load('shop');
        $this->actingAs($head)
            ->getJson('/api/v1/case')
            ->assertJsonPath('lots.0.days_left', -1)
            ->assertJsonPath('lots.0.aged_days', 11);
        $this->postJson('/api/v1/tickets', self::newTicket(['ask' => [...self::RUMP, 'lot' => 'L1']]))
            ->assertConflict()
            ->assertJsonPath('reason', 'lot.past');
        $move = fn (array $move): \Illuminate\Testing\TestResponse => $this->postJson(
            '/api/v1/case/lots/'.Lot::query()->sole()->id.'/moves',
            $move,
        );
        $move(['kind' => 'weighed_out', 'grams' => 100])->assertConflict()->assertJsonPath('reason', 'lot.past');
        $move(['kind' => 'thrown_away', 'grams' => 100, 'reason' => 'past its day'])->assertOk();
        $this->putJson('/api/v1/house', ['profile' => 'us', 'time_zone' => 'Mars/Olympus'])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'time_zone');
    }

    public function test_tomorrow_at_seven_is_seven_on_the_clock_also_when_the_clocks_change(): void
    {
        $head = $this->staff(Role::HeadButcher);
        $head->shop->update(['house' => ['time_zone' => 'Europe/Stockholm']]);
        $read = fn (string $now): ?string => $this->actingAs($head)
            ->postJson('/api/v1/ask-line', ['line' => '4 lamb rump tomorrow 19:00', 'now' => $now])
            ->assertOk()
            ->json('wish.eat_at');

        self::assertSame('2026-10-25T19:00:00+01:00', $read('2026-10-24T12:00:00Z')); // summer time ends in the night
        self::assertSame('2026-11-28T19:00:00+01:00', $read('2026-11-27T12:00:00Z'));
        self::assertSame('2026-11-29T19:00:00+01:00', $read('2026-11-27T23:30:00Z')); // in the shop it is the 28th already
    }
}
