<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Models\Ticket;
use App\Models\TicketDish;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\DB;
use Nessmark\Data\Engine;
use RuntimeException;
use Smalot\PdfParser\Parser;

final class TicketsTest extends AppTestCase
{
    public function test_a_kept_ticket_comes_back_unchanged(): void
    {
        $advisor = $this->staff();
        $kept = $this->actingAs($advisor)->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
        $shown = $this->getJson('/api/v1/tickets/'.$kept->json('id'))->assertOk();

        self::assertEquals($kept->json('dishes.0.ticket'), $shown->json('dishes.0.ticket'));
        self::assertEquals(self::RUMP, array_diff_key($shown->json('dishes.0.ask'), ['now' => null]));
        $shown
            ->assertJsonPath('engine_version', Engine::VERSION)
            ->assertJsonPath('number', 1)
            ->assertJsonPath('customer_label', 'Pell');
    }

    public function test_a_stop_is_not_kept(): void
    {
        $ask = [...self::RUMP, 'diners' => [['count' => 4, 'at_risk' => true, 'doneness' => 'medium_rare']]];

        $this->actingAs($this->staff())
            ->postJson('/api/v1/tickets', self::newTicket(['ask' => $ask, 'cautions_read' => ['safety.below_minimum_at_risk_held']]))
            ->assertConflict()
            ->assertJsonPath('reason', 'ticket.stopped');
        self::assertSame(0, Ticket::query()->count());
    }

    public function test_a_caution_must_have_been_read_out(): void
    {
        $this->actingAs($this->staff())
            ->postJson('/api/v1/tickets', self::newTicket(['cautions_read' => []]))
            ->assertConflict()
            ->assertJsonPath('reason', 'ticket.caution_not_read');
    }

    public function test_a_cutter_sees_tickets_but_gives_none(): void
    {
        $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
        $this->actingAs($this->staff(Role::Cutter, signIn: 'cutter'));

        $this->getJson('/api/v1/tickets')->assertOk()->assertJsonCount(1, 'tickets');
        $this->postJson('/api/v1/tickets', self::newTicket())->assertForbidden();
    }

    public function test_another_shops_tickets_are_out_of_sight(): void
    {
        $id = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->json('id');
        $this->actingAs($this->staff(shop: 'Shop on the hill', signIn: 'other'));

        $this->getJson("/api/v1/tickets/{$id}")
            ->assertNotFound()
            ->assertJsonPath('reason', 'not_found');
        $this->getJson("/api/v1/tickets/{$id}/card.pdf")->assertNotFound();
        $this->postJson("/api/v1/tickets/{$id}/take-back")->assertNotFound();
        $this->getJson('/api/v1/tickets')->assertOk()->assertJsonCount(0, 'tickets');
    }

    public function test_tickets_are_found_by_cut_customer_and_number(): void
    {
        $this->actingAs($this->staff());
        $this->postJson('/api/v1/tickets', self::newTicket());
        $this->postJson(
            '/api/v1/tickets',
            self::newTicket(
                ['ask' => ['cut' => 'pork-tenderloin', 'thickness_mm' => 60, 'method' => 'oven_roast', 'diners' => [['count' => 3]]]],
                ['customer_label' => '50% Ollie'],
            ),
        );
        $numbers = fn (string $find): array => array_column(
            $this->getJson('/api/v1/tickets?find='.urlencode($find))->json('tickets'),
            'number',
        );

        self::assertSame([1], $numbers('rump'));
        self::assertSame([2], $numbers('0% o'));
        self::assertSame([2], $numbers('2'));
        self::assertSame([], $numbers('venison'));
    }

    public function test_older_tickets_come_page_by_page(): void
    {
        $advisor = $this->staff();
        $this->actingAs($advisor)->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
        $first = Ticket::query()->firstOrFail();
        for ($number = 2; $number <= 35; $number++) {
            $copy = $first->replicate()->fill(['number' => $number]);
            $copy->save();
            $copy->dishes()->save($first->dishes[0]->replicate());
        }
        $pages = array_map(
            fn (int $page): array => $this->getJson("/api/v1/tickets?page={$page}")
                ->assertOk()
                ->json(),
            [1, 2],
        );

        self::assertSame([range(35, 6, -1), true], [array_column($pages[0]['tickets'], 'number'), $pages[0]['has_more']]);
        self::assertSame([range(5, 1, -1), false], [array_column($pages[1]['tickets'], 'number'), $pages[1]['has_more']]);
    }

    public function test_a_shop_numbers_its_own_tickets(): void
    {
        $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->assertJsonPath('number', 1);
        $this->actingAs($this->staff(shop: 'Shop on the hill', signIn: 'other'))
            ->postJson('/api/v1/tickets', self::newTicket())
            ->assertJsonPath('number', 1);
        $this->postJson('/api/v1/tickets', self::newTicket())->assertJsonPath('number', 2);
    }

    public function test_a_ticket_without_its_units_or_an_ask_is_refused_by_name(): void
    {
        $reply = $this->actingAs($this->staff())
            ->postJson('/api/v1/tickets', ['units' => 'cubits', 'dishes' => [['cautions_read' => []]]])
            ->assertUnprocessable();

        self::assertEqualsCanonicalizing(['dishes.0.ask', 'units'], array_column($reply->json('violations'), 'key'));
    }

    public function test_the_card_carries_the_pull_in_both_units(): void
    {
        $id = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->json('id');
        $pdf = $this->get("/api/v1/tickets/{$id}/card.pdf?units=imperial")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
        $document = (new Parser())->parseContent((string) $pdf->getContent());
        $text = (string) preg_replace('/\s+/u', ' ', $document->getText());
        $pull = TicketDish::query()->firstOrFail()->result['pull_core_c'];

        self::assertCount(2, $document->getPages(), 'front and back');
        self::assertStringContainsString(round($pull * 1.8 + 32).' °F', $text);
        self::assertStringContainsString("{$pull} °C", $text);
        self::assertStringContainsString('Local food code and licensed practice come first', $text);
        self::assertStringContainsString('Not for anyone at risk', $text);
    }

    public function test_the_card_counts_people_as_people_do(): void
    {
        foreach ([1 => 'raw for 1 person', 4 => 'raw for 4 people'] as $count => $words) {
            $ask = [...self::RUMP, 'diners' => [['count' => $count, 'doneness' => 'medium_rare']]];
            $id = $this->actingAs($this->staff(signIn: "advisor{$count}"))
                ->postJson('/api/v1/tickets', self::newTicket(['ask' => $ask]))
                ->json('id');
            $card = (new Parser())->parseContent((string) $this->get("/api/v1/tickets/{$id}/card.pdf")->getContent());
            self::assertStringContainsString($words, (string) preg_replace('/\s+/u', ' ', $card->getText()));
        }
    }

    public function test_the_card_names_the_fires_its_times_are_for_and_one_given_before_they_were_known_still_prints(): void
    {
        $id = $this->actingAs($this->staff())
            ->postJson('/api/v1/tickets', self::newTicket(['ask' => [...self::RUMP, 'fires' => ['oven' => 'fan', 'pan' => 'clad']]]))
            ->assertCreated()
            ->json('id');
        $text = fn (): string => (string) preg_replace(
            '/\s+/u',
            ' ',
            (new Parser())
                ->parseContent(
                    (string) $this->get("/api/v1/tickets/{$id}/card.pdf")
                        ->assertOk()
                        ->getContent(),
                )
                ->getText(),
        );
        self::assertStringContainsString('fan oven', $text());
        self::assertStringContainsString('clad steel', $text());
        self::assertStringContainsString('eat it at once', $text());

        $dish = TicketDish::query()->firstOrFail();
        $dish->result = array_diff_key($dish->result, array_flip(['fires', 'surface', 'losses', 'texture', 'tempering', 'keeping']));
        $dish->save();

        self::assertStringContainsString('Local food code', $text());
        self::assertStringNotContainsString('fan oven', $text());
    }

    public function test_tickets_kept_in_an_older_shape_open_print_and_list(): void
    {
        $rows = json_decode((string) file_get_contents(base_path('tests/Reference/tickets-shape-1.json')), true)['rows'];
        $user = $this->staff();
        foreach ($rows as $i => ['ask' => $ask, 'result' => $result]) {
            $id = (string) \Illuminate\Support\Str::ulid();
            DB::table('tickets')->insert([
                'id' => $id,
                'shop_id' => $user->shop_id,
                'user_id' => $user->id,
                'number' => $i + 1,
                'units' => 'metric',
                'engine_version' => $result['engine_version'],
                'created_at' => now(),
            ]);
            DB::table('ticket_dishes')->insert([
                'ticket_id' => $id,
                'place' => 1,
                'cut_slug' => $ask['cut'],
                'cut_name' => $result['cut']['name'],
                'method' => $result['method'],
                'verdict' => $result['verdict']['level'],
                'ask' => json_encode($ask),
                'result' => json_encode($result),
                'shape' => 1,
                'cautions_read' => '[]',
            ]);
            $shown = $this->actingAs($user)
                ->getJson("/api/v1/tickets/{$id}")
                ->assertOk()
                ->json('dishes.0.ticket');
            self::assertSame(array_column($result['verdict']['findings'], 'key'), array_column($shown['verdict']['findings'], 'id'));
            self::assertEquals([$result['pull_core_c'], null], [$shown['pull_core_c'], $shown['also_profile']]);
            self::assertArrayNotHasKey('trim', $shown);
            $card = (new Parser())->parseContent(
                (string) $this->get("/api/v1/tickets/{$id}/card.pdf")
                    ->assertOk()
                    ->getContent(),
            );
            self::assertStringContainsString('Local food code', (string) preg_replace('/\s+/u', ' ', $card->getText()));
            self::assertCount(1, $card->getPages(), $ask['cut']);
            self::assertSame(
                1,
                (int) DB::table('ticket_dishes')->where('ticket_id', $id)->value('shape'),
                'the row stays as it was given',
            );
        }
        $this->getJson('/api/v1/tickets')->assertOk()->assertJsonCount(count($rows), 'tickets');
    }

    public function test_the_demo_shop_is_refused_in_production(): void
    {
        config(['nessmark.demo' => true]);
        app()->detectEnvironment(static fn (): string => 'production');

        $this->expectException(RuntimeException::class);
        app(DatabaseSeeder::class)->setContainer(app())->run();
    }

    public function test_the_demo_shop_can_be_set_up_twice(): void
    {
        config(['nessmark.demo' => true]);
        $this->seed(DatabaseSeeder::class);
        $this->seed(DatabaseSeeder::class);

        self::assertSame(4, Ticket::query()->count());
    }
}
