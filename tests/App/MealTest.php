<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\Role;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Smalot\PdfParser\Parser;

/** One ticket, several dishes: from several lots, all or nothing. */
final class MealTest extends AppTestCase
{
    private const PORK = [
        'cut' => 'pork-tenderloin',
        'thickness_mm' => 60,
        'method' => 'oven_roast',
        'diners' => [['count' => 3]],
        'lot' => 'P1',
    ];

    private User $head;

    protected function setUp(): void
    {
        parent::setUp();
        $this->head = $this->staff(Role::HeadButcher);
        $this->actingAs($this->head)
            ->postJson('/api/v1/case/lots', [
                'number' => 'L1',
                'cut' => 'lamb-rump',
                'thickness_mm' => 45,
                'weight_g' => 4000,
                'price_per_kg' => 26,
            ])
            ->assertCreated();
        $this->postJson('/api/v1/case/lots', [
            'number' => 'P1',
            'cut' => 'pork-tenderloin',
            'thickness_mm' => 60,
            'weight_g' => 1000,
            'price_per_kg' => 18,
        ])->assertCreated();
    }

    public function test_two_dishes_are_given_stored_printed_moved_and_taken_back_together(): void
    {
        $kept = $this->give(700, 500)->assertCreated()->assertJsonPath('total', 27.2); // 0.7 kg at 26 and 0.5 kg at 18

        self::assertSame(
            ['Lamb rump, cap on', 'Pork tenderloin, whole'],
            array_column(array_column(array_column($kept->json('dishes'), 'ticket'), 'cut'), 'name'),
        );
        self::assertSame([3300, 500], $this->left());
        self::assertSame(2, LotMove::query()->where('ticket_id', $kept->json('id'))->count());
        $this->getJson('/api/v1/tickets?find=tenderloin')->assertJsonPath('tickets.0.dishes.1.cut_name', 'Pork tenderloin, whole');

        $card = (new Parser())->parseContent(
            (string) $this->get("/api/v1/tickets/{$kept->json('id')}/card.pdf")
                ->assertOk()
                ->getContent(),
        );
        self::assertCount(4, $card->getPages(), 'a sheet a dish');
        self::assertStringContainsString('1 / 2', (string) preg_replace('/\s+/u', ' ', $card->getPages()[0]->getText()));
        self::assertStringContainsString('Pork tenderloin', $card->getPages()[2]->getText());

        $this->postJson("/api/v1/tickets/{$kept->json('id')}/take-back")->assertOk();
        self::assertSame([4000, 1000], $this->left());
    }

    public function test_where_one_lot_has_too_little_nothing_is_given(): void
    {
        $this->give(700, 1500)->assertConflict()->assertJsonPath('reason', 'lot.too_little');

        self::assertSame([[4000, 1000], 0], [$this->left(), Ticket::query()->count()]);
    }

    public function test_two_dishes_of_one_lot_take_from_it_together(): void
    {
        $rump = ['ask' => [...self::RUMP, 'lot' => 'L1'], 'cautions_read' => ['safety.below_minimum_held'], 'sold_g' => 2100];

        $this->postJson('/api/v1/tickets', self::newTicket(change: ['dishes' => [$rump, $rump]]))
            ->assertConflict()
            ->assertJsonPath('reason', 'lot.too_little');
        self::assertSame([4000, 1000], $this->left());
    }

    public function test_a_caution_of_any_dish_is_read_out_and_a_mistake_names_its_dish(): void
    {
        $this->give(700, 500, ['cautions_read' => []])
            ->assertConflict()
            ->assertJsonPath('reason', 'ticket.caution_not_read');
        $reply = $this->give(700, 500, ['ask' => [...self::RUMP, 'lot' => 'L1', 'thickness_mm' => 4]])->assertUnprocessable();

        self::assertSame(['dishes.0.ask.thickness_mm'], array_column($reply->json('violations'), 'key'));
    }

    public function test_what_was_seen_is_what_is_given(): void
    {
        $seen = $this->postJson('/api/v1/advice', [...self::RUMP, 'lot' => 'L1'])
            ->assertOk()
            ->json('id');
        $this->putJson('/api/v1/house', ['profile' => 'us', 'schools' => ['rest' => 'long_covered']])->assertOk();
        $this->give(700, 500, ['seen' => $seen])
            ->assertConflict()
            ->assertJsonPath('reason', 'ticket.otherwise_now');

        $this->give(700, 500, [
            'seen' => $this->postJson('/api/v1/advice', [...self::RUMP, 'lot' => 'L1'])->json('id'),
        ])->assertCreated();
    }

    /** @param  array<string, mixed>  $rump  what is otherwise with the first dish */
    private function give(int $rumpG, int $porkG, array $rump = []): TestResponse
    {
        return $this->postJson(
            '/api/v1/tickets',
            self::newTicket(
                change: [
                    'dishes' => [
                        [
                            ...[
                                'ask' => [...self::RUMP, 'lot' => 'L1'],
                                'cautions_read' => ['safety.below_minimum_held'],
                                'sold_g' => $rumpG,
                            ],
                            ...$rump,
                        ],
                        ['ask' => self::PORK, 'cautions_read' => ['safety.below_minimum'], 'sold_g' => $porkG],
                    ],
                ],
            ),
        );
    }

    /** @return list<int|null> g, of the lamb and of the pork */
    private function left(): array
    {
        return Lot::query()->orderBy('number')->pluck('left_g')->all();
    }
}
