<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\Making;
use App\Models\MoveKind;
use App\Models\Role;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;

/** Lots out of lots, to the gram, and the way of any of them, both ways. bin/rush plays ten thousand of them with the database killed. */
#[Group('clock')]
final class MakingTest extends AppTestCase
{
    private User $cutter;

    protected function setUp(): void
    {
        parent::setUp();
        $this->cutter = $this->staff(Role::HeadButcher, signIn: 'head');
        $this->actingAs($this->cutter);
        foreach ([['A', 'beef-chuck-eye-steak', 3000, '2099-03-04'], ['B', 'beef-brisket-point', 2000, '2099-03-02']] as $row) {
            [$number, $cut, $g, $day] = $row;
            $lot = ['number' => $number, 'cut' => $cut, 'weight_g' => $g, 'price_per_kg' => 14, 'use_by' => $day];
            $this->postJson('/api/v1/case/lots', $lot)->assertCreated();
        }
    }

    public function test_what_goes_in_comes_out_or_is_lost_in_one_go(): void
    {
        $this->make('M', 1000, 500, 1480, 20)
            ->assertCreated()
            ->assertJsonPath('lots', ['M']);

        self::assertSame([2000, 1500, 1480], [$this->left('A'), $this->left('B'), $this->left('M')]);
        $made = Lot::query()->where('number', 'M')->firstOrFail();
        self::assertSame('2099-03-02', $made->use_by?->format('Y-m-d'));
        self::assertSame([1480], LotMove::query()->where('lot_id', $made->id)->where('kind', MoveKind::Made)->pluck('change_g')->all());

        $this->make('M2', 1000, 500, 1480, 19)->assertUnprocessable()->assertJsonPath('violations.0.key', 'loss_g');
        $this->make('M', 1000, 500, 1480, 20)->assertUnprocessable()->assertJsonPath('violations.0.key', 'to.0.number');
        $this->make('M3', 1000, 1501, 2481, 20)->assertConflict()->assertJsonPath('reason', 'lot.too_little');
        self::assertSame(
            [2000, 1500, 1],
            [$this->left('A'), $this->left('B'), Making::query()->count()],
            'of a refused one nothing stays',
        );
    }

    public function test_pressed_twice_it_is_made_once_and_past_meat_is_not_made_into_anything(): void
    {
        foreach ([1, 2] as $time) {
            $this->withHeader('Idempotency-Key', 'making-0001');
            $this->make('M', 1000, 500, 1480, 20)->assertCreated();
        }
        self::assertSame(2000, $this->left('A'));
        foreach ([1, 2] as $time) {
            $this->withHeader('Idempotency-Key', 'making-0003');
            $this->make('M5', 2000, 100, 2100, 0)->assertCreated(); // the second time nothing of A is left to be read
        }
        Lot::query()
            ->where('number', 'B')
            ->update(['use_by' => '2020-01-01']);
        $this->withHeader('Idempotency-Key', 'making-0002');
        $burgers = ['number' => 'M4', 'cut' => 'beef-burger', 'weight_g' => 100, 'price_per_kg' => 15];
        $this->postJson('/api/v1/makings', ['from' => [['lot' => 'B', 'g' => 100]], 'to' => [$burgers], 'loss_g' => 0])
            ->assertConflict()
            ->assertJsonPath('reason', 'lot.past');
    }

    public function test_a_lot_is_followed_back_to_what_it_was_made_of_and_on_to_who_took_it_home(): void
    {
        $this->make('M', 1000, 500, 1480, 20)->assertCreated();
        $burgers = ['number' => 'N', 'cut' => 'beef-burger', 'weight_g' => 700, 'price_per_kg' => 16];
        $this->postJson('/api/v1/makings', [
            'from' => [['lot' => 'M', 'g' => 700]],
            'to' => [$burgers],
            'loss_g' => 0,
        ])->assertCreated();
        $ask = ['cut' => 'beef-burger', 'method' => 'pan', 'diners' => [['count' => 2, 'doneness' => 'cooked_through']], 'lot' => 'N'];
        $ticket = $this->postJson(
            '/api/v1/tickets',
            self::newTicket(['ask' => $ask, 'sold_g' => 340, 'cautions_read' => self::READ]),
        )->assertCreated();
        $id = fn (string $number): int => Lot::query()->where('number', $number)->firstOrFail()->id;
        $this->postJson("/api/v1/case/lots/{$id('M')}/moves", [
            'kind' => 'thrown_away',
            'grams' => 30,
            'reason' => 'dropped',
        ])->assertOk();

        $back = $this->getJson("/api/v1/case/lots/{$id('N')}/trace")->assertOk();
        self::assertEqualsCanonicalizing(['M', 'A', 'B'], array_column($back->json('made_of'), 'number'));
        self::assertSame([], $back->json('became'));
        $on = $this->getJson("/api/v1/case/lots/{$id('B')}/trace")->assertOk();
        self::assertSame(['M', 'N'], array_column($on->json('became'), 'number'));
        self::assertSame(
            [[$ticket->json('number'), 'Pell', 'N', 340, false]],
            array_map(
                static fn (array $sale): array => [$sale['number'], $sale['customer'], $sale['lot'], $sale['g'], $sale['taken_back']],
                $on->json('sold'),
            ),
        );
        self::assertSame(
            [['thrown_away', 'M', 30]],
            array_map(static fn (array $move): array => [$move['kind'], $move['lot'], $move['g']], $on->json('otherwise')),
        );
        // and the list to call back by accounts for all that was ever made of it, less what the mincer kept
        $list = (string) $this->get("/api/v1/case/lots/{$id('M')}/recall.csv")
            ->assertOk()
            ->getContent();
        $grams = array_map(
            static fn (string $line): int => (int) str_getcsv($line, escape: '')[4],
            array_slice(explode("\n", trim($list)), 1),
        );
        self::assertSame(1480, array_sum($grams), $list);
        self::assertStringContainsString('Pell', $list);

        $this->actingAs($this->staff(Role::HeadButcher, 'Shop on the hill', 'other'));
        $this->getJson("/api/v1/case/lots/{$id('N')}/trace")->assertNotFound();
    }

    private const READ = ['safety.below_minimum', 'safety.below_minimum_held'];

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function make(string $number, int $ofA, int $ofB, int $g, int $lossG): TestResponse
    {
        return $this->postJson('/api/v1/makings', [
            'from' => [['lot' => 'A', 'g' => $ofA], ['lot' => 'B', 'g' => $ofB]],
            'to' => [['number' => $number, 'cut' => 'beef-burger', 'weight_g' => $g, 'price_per_kg' => 15.4]],
            'loss_g' => $lossG,
        ]);
    }

    private function left(string $number): int
    {
        return (int) Lot::query()->where('shop_id', $this->cutter->shop_id)->where('number', $number)->value('left_g');
    }
}
