<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;

/** The counter in one request: it says what the line, the matches and the ticket say one by one, under one id. */
final class CounterTest extends AppTestCase
{
    private const LINE = '4 lamb rump mr iron+oven zwiebacken';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->staff(Role::HeadButcher));
        foreach ([['L1', 'lamb-rump', 45], ['L2', 'lamb-loin-chop', 30], ['B1', 'beef-rib-eye-steak', 30]] as [$number, $cut, $mm]) {
            $this->postJson('/api/v1/case/lots', [
                'number' => $number,
                'cut' => $cut,
                'thickness_mm' => $mm,
                'weight_g' => 4000,
                'price_per_kg' => 26,
            ])->assertCreated();
        }
    }

    public function test_a_line_is_read_matched_and_its_ticket_computed_at_once(): void
    {
        $now = now()->format(DATE_ATOM);
        $shown = $this->shown(['line' => self::LINE, 'now' => $now]);
        $read = $this->postJson('/api/v1/ask-line', ['line' => self::LINE, 'now' => $now])->json();
        $matches = $this->postJson('/api/v1/matches', [...$read['wish'], 'now' => $now])->json();
        $advice = $this->postJson('/api/v1/advice', $matches['matches'][0]['ask'])->json();

        self::assertEquals([$read['chips'], $read['wish'], $matches], [$shown['chips'], $shown['wish'], $shown['matches']]);
        self::assertEquals([$advice['id'], $advice['ticket']], [$shown['id'], $shown['ticket']]);
        $this->postJson('/api/v1/tickets', [
            'units' => 'metric',
            'dishes' => [
                [
                    'ask' => $shown['ask'],
                    'seen' => $shown['id'],
                    'cautions_read' => array_column($shown['ticket']['verdict']['findings'], 'id'),
                ],
            ],
        ])->assertCreated();
    }

    public function test_a_wish_is_written_as_a_line_and_keeps_the_words_nobody_understood(): void
    {
        $shown = $this->shown(['wish' => ['diners' => [['count' => 3]], 'named' => 'lamb rump'], 'keep' => ['zwiebacken']]);

        self::assertSame('for 3 lamb rump zwiebacken', $shown['line']);
        self::assertSame(
            ['zwiebacken'],
            array_column(array_filter($shown['chips'], static fn (array $chip): bool => $chip['kind'] === 'unknown'), 'text'),
        );
    }

    public function test_what_is_chosen_stays_and_what_is_set_by_hand_goes_before_the_match(): void
    {
        $second = $this->shown(['line' => '2 lamb'])['matches']['matches'][1];
        $choice = ['lot' => $second['lot']['number'], 'method' => $second['method']];
        $shown = $this->shown([
            'line' => '5 lamb',
            'choice' => $choice,
            'hand' => ['start_c' => 12, 'fires' => ['grill' => 'charcoal', 'oven' => 'fan', 'pan' => 'clad']],
        ]);

        self::assertSame([$choice, 5, 12], [$shown['chosen'], $shown['ticket']['amounts']['diners'], $shown['ticket']['start_c']]);
        self::assertSame([], array_diff_key($shown['ask']['fires'], $shown['ticket']['fires']), 'of the kitchen, what this way asks');
    }

    public function test_a_cut_picked_by_hand_is_cooked_whether_the_case_has_it_or_not(): void
    {
        $shown = $this->shown(['wish' => ['diners' => [['count' => 2, 'doneness' => 'medium_rare']]], 'hand' => ['cut' => 'cod-loin']]);

        self::assertSame([null, 'cod-loin', null], [$shown['chosen'], $shown['ticket']['cut']['slug'], $shown['ticket']['price']]);
    }

    public function test_a_meat_that_is_named_goes_before_a_cut_picked_earlier_with_all_that_was_set_of_it(): void
    {
        $shown = $this->shown(['line' => '2 lamb rump', 'hand' => ['cut' => 'cod-loin', 'start_c' => 12, 'thickness_mm' => 22]]);
        self::assertSame(['lamb-rump', 'L1'], [$shown['ticket']['cut']['slug'], $shown['chosen']['lot']]);
        self::assertArrayNotHasKey('start_c', $shown['ask']);

        $kept = $this->shown(['line' => '2 mr', 'hand' => ['cut' => 'cod-loin', 'start_c' => 4]]);
        self::assertSame(['cod-loin', 4], [$kept['ticket']['cut']['slug'], $kept['ticket']['start_c']]);
    }

    public function test_what_was_set_of_a_lot_that_is_gone_is_not_set_of_another(): void
    {
        $shown = $this->shown(['line' => '2 lamb', 'choice' => ['lot' => 'GONE', 'method' => 'pan'], 'hand' => ['start_c' => 12]]);

        self::assertArrayNotHasKey('start_c', $shown['ask']);
    }

    public function test_what_cannot_be_done_is_said_beside_what_can(): void
    {
        $piece = $this->shown(['line' => self::LINE, 'hand' => ['heat_c' => 9000]]);
        self::assertSame(
            ['piece', ['heat_c'], null, null],
            [$piece['refused']['of'], array_column($piece['refused']['violations'], 'key'), $piece['ticket'], $piece['id']],
        );
        self::assertNotSame([], $piece['matches']['matches']);

        $wish = $this->shown(['wish' => ['diners' => [['count' => 2]], 'named' => 'unicorn']]);
        self::assertSame(
            ['wish', ['named'], null],
            [$wish['refused']['of'], array_column($wish['refused']['violations'], 'key'), $wish['matches']],
        );

        $this->postJson('/api/v1/counter', ['line' => 'x', 'surprise' => 1, 'choice' => ['lot' => 'L1']])->assertUnprocessable();
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array<string, mixed>
     */
    private function shown(array $asked): array
    {
        return $this->postJson('/api/v1/counter', $asked)->assertOk()->json();
    }
}
