<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Answer;
use App\Models\Lot;
use App\Models\LotMove;
use App\Models\Role;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** What is given is given once, can be taken back for a while, and no screen's old figure becomes the weight of a lot. */
final class SellOnceTest extends AppTestCase
{
    private const LOT = ['number' => 'L1', 'cut' => 'lamb-rump', 'thickness_mm' => 45, 'weight_g' => 3000, 'price_per_kg' => 26];

    private const KEY = 'ask-0001-abcd';

    private User $head;

    protected function setUp(): void
    {
        parent::setUp();
        $this->head = $this->staff(Role::HeadButcher, signIn: 'head');
        $this->actingAs($this->head)->postJson('/api/v1/case/lots', self::LOT)->assertCreated();
    }

    public function test_a_ticket_given_twice_under_one_key_is_given_once(): void
    {
        $first = $this->give()->assertCreated();
        $second = $this->give()->assertCreated();

        self::assertSame($first->json('id'), $second->json('id'));
        self::assertEquals($first->json(), $second->json());
        self::assertSame([1, 1864, 1], [Ticket::query()->count(), $this->left(), LotMove::query()->where('kind', 'sold')->count()]);
        $this->give(key: 'ask-0002-abcd')->assertCreated();
        self::assertSame([2, 728], [Ticket::query()->count(), $this->left()]);
    }

    public function test_a_key_belongs_to_what_it_was_made_for_and_to_its_shop(): void
    {
        $this->give()->assertCreated();
        $this->give(['sold_g' => 701])
            ->assertConflict()
            ->assertJsonPath('reason', 'once.other');
        $this->give(key: 'too bad')->assertUnprocessable()->assertJsonPath('violations.0.key', 'Idempotency-Key');

        $this->actingAs($this->staff(Role::Advisor, signIn: 'colleague'));
        $this->give()->assertCreated();
        self::assertSame(2, Ticket::query()->count(), 'a colleague who happens on it is answered for themselves');
        $this->actingAs($this->staff(Role::Advisor, shop: 'Shop on the hill', signIn: 'other'));
        $this->withHeader('Idempotency-Key', self::KEY)->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
    }

    public function test_what_was_refused_under_a_key_can_be_tried_again_under_it(): void
    {
        $this->give(['cautions_read' => []])
            ->assertConflict()
            ->assertJsonPath('reason', 'ticket.caution_not_read');
        self::assertSame(0, Answer::query()->count());
        $this->give()->assertCreated();
    }

    public function test_moves_lots_and_files_are_done_once_under_a_key(): void
    {
        $move = fn (): TestResponse => $this->withHeader('Idempotency-Key', 'move-0001')->postJson(
            "/api/v1/case/lots/{$this->lot()->id}/moves",
            ['kind' => 'weighed_out', 'grams' => 500],
        );
        $move()->assertOk();
        $move()->assertOk();
        $add = fn (): TestResponse => $this->withHeader('Idempotency-Key', 'lot-00001')->postJson('/api/v1/case/lots', [
            ...self::LOT,
            'number' => 'L2',
        ]);
        $add()->assertCreated();
        $add()->assertCreated();
        $file = fn (): TestResponse => $this->withHeader('Idempotency-Key', 'file-0001')->postJson('/api/v1/case/import', [
            'lots' => [[...self::LOT, 'number' => 'L3']],
        ]);
        $file()->assertOk()->assertJsonPath('received', 1);
        $file()->assertOk()->assertJsonPath('received', 1);

        self::assertSame([2500, 3], [$this->left(), Lot::query()->count()]);
        self::assertSame(
            ['received', 'weighed_out', 'received', 'received'],
            LotMove::query()->orderBy('id')->get()->map(static fn (LotMove $move): string => $move->kind->value)->all(),
        );
    }

    public function test_what_is_left_of_a_lot_is_worked_out_under_the_lock_of_its_row(): void
    {
        DB::enableQueryLog();
        $this->postJson("/api/v1/case/lots/{$this->lot()->id}/moves", ['kind' => 'weighed_out', 'grams' => 500])->assertOk();
        $said = array_column(DB::getQueryLog(), 'query');
        $locks = array_keys(array_filter($said, static fn (string $sql): bool => preg_match('/from `lots` .* for update/', $sql) === 1));
        $writes = array_keys(array_filter($said, static fn (string $sql): bool => str_starts_with($sql, 'update `lots`')));

        self::assertNotSame([], $locks);
        self::assertLessThan($writes[0], $locks[0], 'first locked, then written');
    }

    public function test_a_ticket_is_taken_back_with_its_meat_for_ten_minutes_and_once(): void
    {
        $id = $this->give()->assertJsonPath('can_be_taken_back', true)->json('id');
        $this->postJson("/api/v1/tickets/{$id}/take-back")
            ->assertOk()
            ->assertJsonPath('can_be_taken_back', false);
        $this->postJson("/api/v1/tickets/{$id}/take-back")->assertOk();
        self::assertSame(
            [3000, 0],
            [
                $this->left(),
                (int) LotMove::query()
                    ->whereIn('kind', ['sold', 'taken_back'])
                    ->sum('change_g'),
            ],
        );
        self::assertNotNull($this->getJson('/api/v1/tickets')->json('tickets.0.taken_back_at'));

        $late = $this->give(key: 'ask-0003-abcd')->json('id');
        $this->travel(11)->minutes();
        $this->postJson("/api/v1/tickets/{$late}/take-back")
            ->assertConflict()
            ->assertJsonPath('reason', 'ticket.too_late');
        $this->actingAs($this->staff(Role::Cutter, signIn: 'cutter'))
            ->postJson("/api/v1/tickets/{$late}/take-back")
            ->assertForbidden();
        self::assertSame(1864, $this->left());
    }

    public function test_editing_a_lot_never_writes_its_weight_whatever_the_screen_last_saw(): void
    {
        $lot = $this->lot(); // as a screen saw it
        Lot::query()
            ->whereKey($lot->id)
            ->update(['left_g' => 1200]); // sold meanwhile
        app(\App\Actions\ChangeLot::class)->execute(
            $this->head,
            $lot,
            app(\App\Services\Stock::class)
                ->reader($this->head->shop)
                ->read([...self::LOT, 'price_per_kg' => 30]),
        );

        self::assertSame(
            [1200, 3000],
            array_values(
                Lot::query()
                    ->findOrFail($lot->id)
                    ->only(['left_g', 'price_per_kg_minor']),
            ),
        );
    }

    public function test_counting_is_worked_out_from_what_is_there_now(): void
    {
        $lot = $this->lot();
        Lot::query()
            ->whereKey($lot->id)
            ->update(['left_g' => 1200]);
        app(\App\Actions\MoveStock::class)->execute($lot, $this->head, \App\Models\MoveKind::Counted, 1500);

        self::assertSame([1500, 300], [$this->left(), LotMove::query()->where('kind', 'counted')->firstOrFail()->change_g]);
    }

    public function test_of_two_that_bring_one_number_in_one_is_refused_and_case_tells_numbers_apart(): void
    {
        $this->postJson('/api/v1/case/lots', self::LOT)->assertUnprocessable()->assertJsonPath('violations.0.key', 'number');
        $this->postJson('/api/v1/case/lots', [...self::LOT, 'number' => 'l1'])->assertCreated();
        $this->postJson('/api/v1/case/import', [
            'lots' => [[...self::LOT, 'weight_g' => 10], [...self::LOT, 'number' => 'l1', 'weight_g' => 20]],
        ])->assertOk();

        self::assertSame([10, 20], Lot::query()->orderBy('id')->pluck('left_g')->all());
    }

    /** @param  array<string, mixed>  $change */
    private function give(array $change = [], string $key = self::KEY): TestResponse
    {
        return $this->withHeader('Idempotency-Key', $key)->postJson(
            '/api/v1/tickets',
            self::newTicket(['ask' => [...self::RUMP, 'lot' => 'L1'], ...$change]),
        );
    }

    private function lot(): Lot
    {
        return Lot::query()->where('number', 'L1')->firstOrFail();
    }

    private function left(): ?int
    {
        return $this->lot()->left_g;
    }
}
