<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\BenchOrder;
use App\Models\BenchState;
use App\Models\Role;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Smalot\PdfParser\Parser;
use Tests\Support\StandIn;

/** From the counter to the cutter: the queue, both weighings, the label. */
final class BenchQueueTest extends AppTestCase
{
    private const LOT = ['number' => 'L1', 'cut' => 'lamb-rump', 'thickness_mm' => 45, 'weight_g' => 9000, 'price_per_kg' => 26];

    private User $head;

    protected function setUp(): void
    {
        parent::setUp();
        $this->head = $this->staff(Role::HeadButcher, signIn: 'head');
        $this->actingAs($this->head)->postJson('/api/v1/case/lots', self::LOT)->assertCreated();
    }

    public function test_what_is_given_waits_for_the_cutter_and_is_finished_step_by_step(): void
    {
        $this->give();
        $order = $this->first();
        self::assertSame(['waiting', 'Pell', 'L1', 4], [$order['state'], $order['customer'], $order['lot'], $order['pieces']]);
        self::assertNotSame([], $order['work']['steps']);
        self::assertNotNull($order['work']['sketch']);
        $this->actingAs($cutter = $this->staff(Role::Cutter, signIn: 'cutter'));
        $taken = $this->mark($order, 'taken', [1, 0, 0, 99])->assertOk();
        self::assertSame(['Somebody', [0, 1]], [$taken->json('cutter'), $taken->json('steps_done')]);
        $this->mark($order, 'done', array_keys($order['work']['steps']))->assertOk();
        $this->mark($order, 'taken', [])->assertConflict()->assertJsonPath('reason', 'bench.closed');
        self::assertSame([0, 'done'], [$this->getJson('/api/v1/bench')->json('open'), $this->first()['state']]);
        self::assertSame($cutter->id, BenchOrder::query()->firstOrFail()->cutter_id);

        $this->actingAs($this->staff(Role::Cutter, 'Shop on the hill', 'other'));
        self::assertSame([], $this->getJson('/api/v1/bench')->assertOk()->json('orders'));
        $this->mark($order, 'taken', [])->assertNotFound();
    }

    public function test_what_was_sent_ahead_is_not_queued_again_and_what_is_taken_back_is_called_off(): void
    {
        $ahead = $this->postJson('/api/v1/bench', ['ask' => [...self::RUMP, 'lot' => 'L1'], 'customer' => 'Una'])->assertCreated();
        $given = $this->give(['bench_order' => $ahead->json('id')]);
        self::assertSame(1, BenchOrder::query()->count());
        self::assertSame($given->json('id'), $this->first()['ticket']);
        $this->give();
        self::assertSame(2, BenchOrder::query()->count());
        $this->postJson("/api/v1/tickets/{$given->json('id')}/take-back")->assertOk();
        self::assertSame(BenchState::CalledOff, BenchOrder::query()->findOrFail($ahead->json('id'))->state);
        self::assertSame(1, $this->getJson('/api/v1/bench')->json('open'));
        $mussels = ['cut' => 'beef-burger', 'method' => 'pan', 'diners' => [['count' => 1, 'doneness' => 'raw']]];
        $this->postJson('/api/v1/bench', ['ask' => $mussels])->assertUnprocessable();
    }

    public function test_a_yield_is_expected_from_what_was_weighed_and_an_odd_one_is_asked_about(): void
    {
        $this->give();
        $order = $this->first();
        self::assertSame(0, $order['expected']['orders']);
        $this->weigh($order, ['when' => 'after', 'typed_g' => 900])
            ->assertConflict()
            ->assertJsonPath('reason', 'bench.not_weighed_before');
        $this->weigh($order, ['when' => 'before', 'typed_g' => 1136])->assertOk();
        $this->weigh($order, ['when' => 'after', 'typed_g' => 1200])
            ->assertConflict()
            ->assertJsonPath('reason', 'bench.more_than_before');
        $this->weigh($order, ['when' => 'after', 'typed_g' => 500])
            ->assertConflict()
            ->assertJsonPath('reason', 'bench.odd_yield');
        $this->weigh($order, ['when' => 'after', 'typed_g' => 500, 'sure' => true])
            ->assertOk()
            ->assertJsonPath('yield_pct', 44);
        $this->weigh($order, ['when' => 'after', 'typed_g' => 1040])
            ->assertOk()
            ->assertJsonPath('yield_pct', 91.5);
        $this->mark($order, 'done', [])->assertOk();

        $this->give();
        $next = $this->first();
        self::assertSame(1, $next['expected']['orders']);
        self::assertLessThan($order['expected']['mean_pct'], $next['expected']['mean_pct'], 'one order moved it');
        self::assertGreaterThan(91.5, $next['expected']['mean_pct'], 'and not all the way');
    }

    /** The driver and the stand-in over loopback: what is steady is kept, and nothing else. */
    public function test_only_a_steady_weight_is_taken_off_the_scale_whatever_happens_to_it(): void
    {
        $scale = StandIn::scale();
        config(['devices.scale' => $scale->address(), 'devices.stand_ins' => true]);
        $this->give();
        $order = $this->first();
        $hand = fn (array $do): TestResponse => $this->postJson('/api/v1/scale', $do)->assertOk();
        $refused = fn (string $why): TestResponse => $this->weigh($order, ['when' => 'before'])
            ->assertConflict()
            ->assertJsonPath('reason', $why);

        self::assertSame('empty', $this->getJson('/api/v1/scale')->json('state'));
        $refused('scale.empty');
        $hand(['do' => 'put', 'g' => 1136]);
        $this->weigh($order, ['when' => 'before'])
            ->assertOk()
            ->assertJsonPath('before_g', 1136);
        $hand(['do' => 'put', 'g' => 16_000]);
        $this->looks('over');
        $refused('scale.over');
        $hand(['do' => 'put', 'g' => 1000]);
        $this->looks('not_from_zero'); // overloaded, it may have moved its zero
        $hand(['do' => 'take']);
        $this->looks('empty');
        $scale->unplug();
        $refused('scale.lost');
        $again = StandIn::scale($scale->port);
        $refused('scale.empty');
        $hand(['do' => 'put', 'g' => 980]);
        $again->unplug();
        $refused('scale.lost');
        self::assertSame([1136, null], [$this->first()['before_g'], $this->first()['after_g']], 'nothing else was kept');
        $this->weigh($order, ['when' => 'after', 'typed_g' => 1040])->assertOk();
        config(['devices.stand_ins' => false]);
        $this->postJson('/api/v1/scale', ['do' => 'put', 'g' => 5])->assertUnprocessable(); // a real scale has no hand
    }

    public function test_a_label_is_printed_as_weighed_and_the_printer_says_why_not(): void
    {
        $folder = sys_get_temp_dir().'/nessmark-labels-'.getmypid();
        $printer = StandIn::labelPrinter($folder);
        config(['devices.label_printer' => $printer->address()]);
        $this->give(['sold_g' => 1136]);
        $order = $this->first();
        $print = fn (): TestResponse => $this->postJson("/api/v1/bench/{$order['id']}/label");
        $print()->assertOk()->assertJsonPath('printed', 1);
        $text = (new Parser())->parseFile("{$folder}/label-1.pdf")->getText();
        foreach (['Lamb rump', '1.136', '29.54', '(3103)001136'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        $printer->hand('paper 0');
        $print()->assertConflict()->assertJsonPath('reason', 'printer.no_paper');
        $printer->unplug();
        $print()->assertConflict()->assertJsonPath('reason', 'printer.lost');
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
        BenchOrder::query()->update(['lot_id' => null]);
        $print()->assertConflict()->assertJsonPath('reason', 'bench.no_lot');
    }

    /** @param  array<string, mixed>  $dish */
    private function give(array $dish = []): TestResponse
    {
        return $this->postJson(
            '/api/v1/tickets',
            self::newTicket(['ask' => [...self::RUMP, 'lot' => 'L1'], ...$dish]),
        )->assertCreated();
    }

    /** @return array<string, mixed> */
    private function first(): array
    {
        return $this->getJson('/api/v1/bench')->assertOk()->json('orders.0');
    }

    /**
     * @param  array<string, mixed>  $order
     * @param  list<int>  $done
     */
    private function mark(array $order, string $state, array $done): TestResponse
    {
        return $this->putJson("/api/v1/bench/{$order['id']}", ['state' => $state, 'steps_done' => $done]);
    }

    /**
     * @param  array<string, mixed>  $order
     * @param  array<string, mixed>  $weighing
     */
    private function weigh(array $order, array $weighing): TestResponse
    {
        return $this->postJson("/api/v1/bench/{$order['id']}/weighings", $weighing);
    }

    /** Looks at the scale until it stands so, for at most three seconds. */
    private function looks(string $state): void
    {
        $until = microtime(true) + 3.0;
        do {
            $seen = $this->getJson('/api/v1/scale')->json('state');
        } while ($seen !== $state && microtime(true) < $until);
        self::assertSame($state, $seen);
    }
}
