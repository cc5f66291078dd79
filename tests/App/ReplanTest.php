<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\Ticket;

/** The guests come later: the same meat, another hour, one address on the phone. */
final class ReplanTest extends AppTestCase
{
    private const EAT = '2027-01-09T19:30:00+01:00';

    private const LATER = '2027-01-09T20:45:00+01:00';

    public function test_the_plan_moves_the_meat_stays_sold_and_the_phone_shows_what_stands(): void
    {
        [$old, $lot] = $this->given();
        $left = $lot->fresh()?->left_g;
        $new = $this->postJson("/api/v1/tickets/{$old['id']}/replan", ['eat_at' => self::LATER])->assertOk();

        self::assertSame($left, $lot->fresh()?->left_g);
        $new->assertJsonPath('replaces', ['id' => $old['id'], 'number' => $old['number']])->assertJsonPath(
            'dishes.0.price',
            $old['dishes'][0]['price'],
        );
        self::assertSame($old['card_link']['url'], $new->json('card_link.url'));
        self::assertSame(['change.eat', 'change.on_heat', 'change.begin'], array_column($new->json('changes'), 'key'));
        self::assertSame(
            strtotime(self::LATER) - strtotime(self::EAT),
            strtotime($new->json('dishes.0.ticket.on_heat_at')) - strtotime($old['dishes'][0]['ticket']['on_heat_at']),
        );
        $this->get($old['card_link']['url'])
            ->assertSee("No. {$old['number']}")
            ->assertSee('Changed');
        $this->getJson("/api/v1/tickets/{$old['id']}")
            ->assertJsonPath('replaced_by.number', $new->json('number'))
            ->assertJsonPath('dishes.0.ticket.on_heat_at', $old['dishes'][0]['ticket']['on_heat_at']);
    }

    public function test_a_ticket_is_replaced_once_and_taken_back_through_the_newest(): void
    {
        [$old, $lot] = $this->given();
        $full = 2000;
        $new = $this->postJson("/api/v1/tickets/{$old['id']}/replan", ['eat_at' => self::LATER])->assertOk();

        $this->postJson("/api/v1/tickets/{$old['id']}/replan", ['eat_at' => self::EAT])
            ->assertConflict()
            ->assertJsonPath('reason', 'ticket.replaced');
        $this->postJson("/api/v1/tickets/{$old['id']}/take-back")->assertConflict();
        self::assertLessThan($full, $lot->fresh()?->left_g);
        $this->postJson("/api/v1/tickets/{$new->json('id')}/take-back")->assertOk();
        self::assertSame($full, $lot->fresh()?->left_g);
    }

    public function test_not_past_the_day_of_its_lot_and_not_at_no_hour(): void
    {
        [$old, $lot] = $this->given();
        $lot->update(['use_by' => '2027-01-09']);

        $this->postJson("/api/v1/tickets/{$old['id']}/replan", ['eat_at' => '2027-01-11T19:30:00+01:00'])->assertConflict();
        $this->postJson("/api/v1/tickets/{$old['id']}/replan", ['eat_at' => 'supper'])->assertUnprocessable();
        self::assertSame(1, Ticket::query()->count());
    }

    /** @return array{array<string, mixed>, Lot} a ticket of lot L-1 and the lot */
    private function given(): array
    {
        $this->travelTo('2027-01-08T10:00:00+01:00');
        $user = $this->staff();
        $user->shop->update(['house' => ['time_zone' => 'Europe/Stockholm']]);
        $this->actingAs($user);
        $lot = Lot::query()->create([
            'shop_id' => $user->shop_id,
            'number' => 'L-1',
            'cut_slug' => 'lamb-rump',
            'left_g' => 2000,
            'price_per_kg_minor' => 2800,
            'packed' => 'wet',
            'origin' => '',
            'use_by' => '2027-01-20',
        ]);
        $ask = [...self::RUMP, 'lot' => 'L-1', 'eat_at' => self::EAT];

        return [
            $this->postJson('/api/v1/tickets', self::newTicket(['ask' => $ask]))
                ->assertCreated()
                ->json(),
            $lot,
        ];
    }
}
