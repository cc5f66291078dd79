<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\Role;
use App\Models\Ticket;
use App\Models\TicketDish;

/** From the line to the match to the ticket that takes it out of the case. */
final class MatchTest extends AppTestCase
{
    private const LOTS = [
        ['number' => 'L1', 'cut' => 'lamb-rump', 'thickness_mm' => 45, 'weight_g' => 1500, 'price_per_kg' => 26],
        [
            'number' => 'B1',
            'cut' => 'beef-rib-eye-steak',
            'grade' => 'usda_quality:choice',
            'thickness_mm' => 30,
            'weight_g' => 3000,
            'price_per_kg' => 38,
        ],
        ['number' => 'O1', 'cut' => 'goose-breast', 'price_per_kg' => 24, 'lead_days' => 3],
    ];

    private const NOW = '2026-11-25T10:00:00+01:00';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->staff(Role::HeadButcher, signIn: 'head'));
        foreach (self::LOTS as $lot) {
            $this->postJson('/api/v1/case/lots', $lot)->assertCreated();
        }
    }

    public function test_a_line_is_matched_and_its_match_becomes_a_ticket_and_leaves_the_case(): void
    {
        $read = $this->postJson('/api/v1/ask-line', ['line' => '4 lamb rump mr iron+oven 19:30 zzz', 'now' => self::NOW])->assertOk();
        self::assertSame('unknown', $read->json('chips.6.kind'));
        $matches = $this->postJson('/api/v1/matches', [...$read->json('wish'), 'now' => self::NOW])
            ->assertOk()
            ->assertJsonPath('currency', 'EUR')
            ->assertJsonPath('line', 'for 4, 4 pieces of lamb rump mr iron+oven 19:30');
        $best = $matches->json('matches.0');
        self::assertSame(['L1', 'sear_then_oven', 2], [$best['lot']['number'], $best['method'], count($best['reasons'])]);

        $ticket = $this->postJson('/api/v1/advice', $best['ask'])
            ->assertOk()
            ->assertJsonPath('ticket.price.lot', 'L1')
            ->assertJsonPath('ticket.price.total', 29.54)
            ->json('ticket'); // four rumps of 284 g at 26
        $this->postJson(
            '/api/v1/tickets',
            self::newTicket([
                'ask' => $best['ask'],
                'cautions_read' => array_column($ticket['verdict']['findings'], 'key'),
                'sold_g' => 800,
            ]),
        )->assertCreated();

        self::assertSame(700, Lot::query()->where('number', 'L1')->value('left_g'));
        self::assertSame(
            [-800, 700, Ticket::query()->value('id')],
            array_values(
                LotMove::query()
                    ->where('kind', 'sold')
                    ->firstOrFail()
                    ->only(['change_g', 'left_g', 'ticket_id']),
            ),
        );
        self::assertSame(
            [800, 2080],
            array_values(
                TicketDish::query()
                    ->firstOrFail()
                    ->only(['sold_g', 'price_minor']),
            ),
        );
    }

    public function test_more_than_is_left_is_not_sold_and_no_ticket_is_kept(): void
    {
        $ask = [
            'cut' => 'lamb-rump',
            'lot' => 'L1',
            'thickness_mm' => 45,
            'method' => 'sear_then_oven',
            'diners' => [['count' => 9, 'doneness' => 'medium_rare']],
        ];
        $this->postJson('/api/v1/tickets', self::newTicket(['ask' => $ask]))
            ->assertConflict()
            ->assertJsonPath('reason', 'lot.too_little');

        self::assertSame([1500, 0], [Lot::query()->where('number', 'L1')->value('left_g'), Ticket::query()->count()]);
    }

    public function test_why_not_and_what_can_be_ordered(): void
    {
        $wish = [
            'diners' => [['count' => 2]],
            'named' => 'goose breast',
            'appliances' => ['pan'],
            'now' => self::NOW,
            'eat_at' => '2026-11-29T18:00:00+01:00',
            'may_order' => true,
        ];
        $this->postJson('/api/v1/matches', $wish)
            ->assertOk()
            ->assertJsonPath('matches.0.lot.lead_days', 3)
            ->assertJsonPath('matches.0.lot.left_g', null);
        $this->postJson('/api/v1/why-not', ['wish' => [...$wish, 'named' => 'rib eye'], 'cut' => 'lamb-rump'])
            ->assertOk()
            ->assertJsonPath('in_case', true);
        $this->postJson('/api/v1/why-not', ['wish' => $wish, 'cut' => 'nonsuch'])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'cut');
        $this->postJson('/api/v1/matches', ['diners' => [['count' => 0]], 'kinds' => ['unicorn'], 'budget' => 'much'])
            ->assertUnprocessable()
            ->assertJsonCount(3, 'violations');
    }

    public function test_an_ask_may_be_more_careful_than_its_lot_and_never_less(): void
    {
        foreach (
            [
                ['number' => 'F1', 'cut' => 'salmon-loin', 'thickness_mm' => 28, 'weight_g' => 2000, 'price_per_kg' => 28],
                [
                    'number' => 'N1',
                    'cut' => 'beef-strip-steak',
                    'thickness_mm' => 28,
                    'weight_g' => 2000,
                    'price_per_kg' => 30,
                    'pierced' => true,
                ],
                [
                    'number' => 'P1',
                    'cut' => 'lamb-rump',
                    'thickness_mm' => 45,
                    'weight_g' => 2000,
                    'price_per_kg' => 26,
                    'use_by' => now()->subDay()->format('Y-m-d'),
                ],
            ] as $lot
        ) {
            $this->postJson('/api/v1/case/lots', $lot)->assertCreated();
        }
        $salmon = ['cut' => 'salmon-loin', 'lot' => 'F1', 'thickness_mm' => 28, 'method' => 'pan', 'diners' => [['count' => 1]]];
        $this->postJson('/api/v1/advice', [...$salmon, 'parasite_frozen' => true])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'parasite_frozen');
        $this->postJson('/api/v1/advice', [...$salmon, 'lot' => 'L1'])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'lot');
        $this->postJson('/api/v1/advice', [...$salmon, 'lot' => 7])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'lot');
        // Needled, whatever the ask says: a stop where whole meat is a caution.
        $this->postJson('/api/v1/advice', [
            'cut' => 'beef-strip-steak',
            'lot' => 'N1',
            'thickness_mm' => 28,
            'method' => 'pan',
            'diners' => [['count' => 1, 'doneness' => 'rare']],
        ])
            ->assertOk()
            ->assertJsonPath('ticket.verdict.level', 'stop');

        $this->postJson(
            '/api/v1/tickets',
            self::newTicket(['ask' => [...self::RUMP, 'lot' => 'P1', 'diners' => [['count' => 2, 'doneness' => 'medium_rare']]]]),
        )
            ->assertConflict()
            ->assertJsonPath('reason', 'lot.past');
        self::assertSame(0, Ticket::query()->count());
    }

    public function test_a_hidden_cut_is_not_matched(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher, signIn: 'hides'));
        $this->postJson('/api/v1/case/lots', ['number' => 'H1', 'cut' => 'lamb-rump', 'weight_g' => 4000, 'price_per_kg' => 20]);
        $cuts = fn (): array => array_column(
            $this->postJson('/api/v1/matches', ['diners' => [['count' => 2]], 'kinds' => ['lamb']])->assertOk()->json('matches'),
            'cut',
        );
        self::assertNotSame([], $cuts());
        $this->putJson('/api/v1/cuts/lamb-rump/hidden')->assertNoContent();

        self::assertSame([], $cuts());
    }

    public function test_a_cutter_may_ask_and_gives_nothing(): void
    {
        $this->actingAs($this->staff(Role::Cutter, signIn: 'cutter'))
            ->postJson('/api/v1/matches', ['diners' => [['count' => 2]]])
            ->assertOk();
        $this->postJson('/api/v1/tickets', self::newTicket())->assertForbidden();
    }
}
