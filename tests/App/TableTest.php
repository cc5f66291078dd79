<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Services\Language;
use Tests\Support\Words;

/** Who eats, from the line to the ticket that is kept and the card: nobody is lost on the way. */
final class TableTest extends AppTestCase
{
    private const NOW = '2026-11-25T10:00:00+01:00';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->staff(Role::HeadButcher));
        foreach ([['L2', 'lamb-loin-chop', 30], ['B1', 'beef-rib-eye-steak', 30], ['P1', 'pheasant-whole', null]] as [$number, $cut, $mm]) {
            $this->postJson('/api/v1/case/lots', [
                'number' => $number, 'cut' => $cut, 'thickness_mm' => $mm, 'weight_g' => 8000, 'price_per_kg' => 26,
            ])->assertCreated();
        }
    }

    public function test_every_dish_of_a_line_is_given_for_whoever_must_not_take_chances_and_says_so_on_every_card(): void
    {
        $line = ['line' => 'ribeye and lamb chops for 5, one pregnant, one vegetarian, no hazelnut', 'now' => self::NOW];
        $first = $this->shown($line);
        $second = $this->shown(['wish' => $first['dishes'][1], 'now' => self::NOW]);
        $dishes = [];
        foreach ([$first, $second] as $shown) {
            $pieces = $shown['ticket']['pieces'];
            self::assertSame([3, 1], array_column($pieces, 'diners'));
            self::assertSame([false, true], array_column($pieces, 'at_risk'));
            self::assertSame('official_minimum', $pieces[1]['word']);
            self::assertContains('doubt.meatless', array_column($shown['ticket']['doubts'], 'key'));
            self::assertSame(['hazelnut'], $pieces[1]['avoid']);
            $dishes[] = [
                'ask' => $shown['ask'],
                'seen' => $shown['id'],
                'cautions_read' => array_column($shown['ticket']['verdict']['findings'], 'id'),
            ];
        }
        $given = $this->postJson('/api/v1/tickets', ['units' => 'metric', 'dishes' => $dishes])->assertCreated()->json();
        foreach (Language::cases() as $language) {
            $shown = $this->get("{$given['card_link']['url']}?language={$language->value}")->assertOk()->content();
            $page = html_entity_decode(strip_tags($shown));
            $words = Words::file("card/{$language->value}");
            self::assertStringContainsString($words['food']['hazelnut'], $page, $language->value);
            self::assertGreaterThan(1, substr_count($page, $words['card']['at_risk']), "{$language->value}: a piece of each dish");
            $this->get("/api/v1/tickets/{$given['id']}/card.pdf?language={$language->value}")->assertOk();
        }
    }

    public function test_who_sat_there_for_a_dish_before_sits_there_for_the_next_unless_it_is_for_the_others(): void
    {
        $table = [['count' => 3], ['count' => 1, 'at_risk' => true, 'avoid' => ['mustard']]];
        $eaters = fn (array $asked): array => array_map(
            static fn (array $row): array => [$row['count'], $row['at_risk'], $row['avoid']],
            $this->shown([...$asked, 'now' => self::NOW, 'table' => $table])['wish']['diners'],
        );
        $marked = [[3, false, []], [1, true, ['mustard']]];

        self::assertSame($marked, $eaters(['line' => 'lamb chops for 4']));
        self::assertSame($marked, $eaters(['wish' => ['diners' => [['count' => 4]], 'named' => 'lamb chops']]));
        self::assertSame([[3, false, []]], $eaters(['line' => 'lamb chops for 3, for the others']));
    }

    public function test_a_child_is_given_nothing_that_is_never_for_children(): void
    {
        $shown = $this->shown(['line' => 'pheasant for 4, one of them a child', 'now' => self::NOW]);
        self::assertSame([], $shown['matches']['matches'], 'shot with lead, perhaps');
        $ask = ['cut' => 'pheasant-whole', 'diners' => [['count' => 3], ['count' => 1, 'child' => true]]];
        $findings = $this->postJson('/api/v1/advice', $ask)->assertOk()->json('ticket.verdict.findings');
        self::assertContains('safety.hazard_shot', array_column($findings, 'key'));

        $baby = ['cut' => 'pork-loin-chop-bone-in', 'diners' => [['count' => 2, 'under_one' => true]]];
        $honey = [...$baby, 'seasoning' => 'glaze-mustard-honey'];
        $dressing = $this->postJson('/api/v1/advice', $honey)->assertOk()->json('ticket.dressing');
        self::assertNotContains('honey', array_column($dressing['amounts'], 'ingredient'), 'no honey in the first year');
    }

    public function test_the_meat_somebody_goes_without_is_a_stop_and_meat_is_not_for_who_eats_none(): void
    {
        $cases = [['cod-loin', 'avoid', 'fish'], ['pork-loin-chop-bone-in', 'diets', 'halal'], ['prawns', 'diets', 'shellfish_free']];
        foreach ($cases as [$cut, $key, $word]) {
            $ask = ['cut' => $cut, 'diners' => [['count' => 2, $key => [$word]]]];
            $ticket = $this->postJson('/api/v1/advice', $ask)->assertOk()->json('ticket');
            self::assertSame('stop', $ticket['verdict']['level'], "{$cut} {$word}");
        }
        foreach (['vegetarian', 'vegan'] as $diet) {
            $all = ['cut' => 'cod-loin', 'diners' => [['count' => 2]], 'diets' => [$diet]];
            $this->postJson('/api/v1/advice', $all)->assertUnprocessable();
            $some = ['cut' => 'cod-loin', 'diners' => [['count' => 2], ['count' => 1, 'diets' => [$diet]]]];
            self::assertSame(2, $this->postJson('/api/v1/advice', $some)->assertOk()->json('ticket.amounts.diners'));
        }
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
