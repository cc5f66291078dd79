<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Models\User;
use App\Services\Csv;
use Nessmark\Contract\CutCsv;
use Tests\Support\Words;

/** The atlas over HTTP, and what a head butcher makes of it. */
final class AtlasTest extends AppTestCase
{
    private const HARBOUR_STEAK = [
        'like' => 'beef-ranch-steak',
        'name' => 'Harbour steak',
        'thickness_mm' => ['min' => 15, 'typical' => 25, 'max' => 40],
        'price_class' => 3,
    ];

    public function test_cuts_are_found_by_name_and_narrowed(): void
    {
        $this->actingAs($this->staff(Role::Cutter));

        $this->getJson('/api/v1/cuts?find=oglet')
            ->assertOk()
            ->assertJsonPath('cuts.0.slug', 'beef-hanging-tender')
            ->assertJsonPath('cuts.0.found_as.name', 'onglet');
        $this->getJson('/api/v1/cuts?group=game&fat=lean&method=grill')
            ->assertOk()
            ->assertJsonMissing(['group' => 'beef']);
        $this->getJson('/api/v1/cuts?group=cheese')->assertUnprocessable()->assertJsonPath('violations.0.key', 'group');
    }

    public function test_a_name_that_means_two_cuts_comes_with_its_question(): void
    {
        $reply = $this->actingAs($this->staff())->getJson('/api/v1/cuts?find=mock%20tender')->assertOk();

        self::assertStringEndsWith('?', Words::section('say')[$reply->json('ambiguous.question.key')]);
        self::assertEqualsCanonicalizing(
            ['beef-shoulder-tender', 'beef-chuck-tender'],
            array_column($reply->json('ambiguous.means'), 'slug'),
        );
    }

    public function test_what_is_not_there_is_refused_by_name(): void
    {
        $this->actingAs($this->staff());

        $this->getJson('/api/v1/cuts/unicorn-rump')->assertUnprocessable()->assertJsonPath('violations.0.key', 'cut');
        $this->getJson('/api/v1/compare?cuts=beef-flap')->assertUnprocessable()->assertJsonPath('violations.0.key', 'cuts');
        $this->getJson('/api/v1/grades/bms/15')
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.allowed', 'Japanese marbling number (BMS): 1 to 12');
        $this->getJson('/api/v1/cuts/beef-flap/substitutes?method=microwave')
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'method');
    }

    public function test_an_own_cut_is_added_found_cooked_and_removed(): void
    {
        $head = $this->headButcher();
        $this->postJson('/api/v1/cuts', self::HARBOUR_STEAK)->assertCreated()->assertJsonPath('slug', 'harbour-steak');

        $this->getJson('/api/v1/cuts?find=harbour')
            ->assertJsonPath('cuts.0.slug', 'harbour-steak')
            ->assertJsonPath('cuts.0.is_own', true);
        $this->postJson(
            '/api/v1/tickets',
            self::newTicket([
                'ask' => [
                    'cut' => 'harbour-steak',
                    'thickness_mm' => 25,
                    'method' => 'pan',
                    'diners' => [['count' => 2, 'doneness' => 'medium_rare']],
                ],
            ]),
        )
            ->assertCreated()
            ->assertJsonPath('dishes.0.ticket.cut.name', 'Harbour steak');
        $this->actingAs($this->staff(shop: 'Shop on the hill', signIn: 'other'))
            ->getJson('/api/v1/cuts/harbour-steak')
            ->assertUnprocessable();
        $this->actingAs($head)->deleteJson('/api/v1/cuts/harbour-steak')->assertNoContent();
        $this->getJson('/api/v1/cuts/harbour-steak')->assertUnprocessable();
        $this->deleteJson('/api/v1/cuts/beef-flap')->assertUnprocessable()->assertJsonPath('violations.0.key', 'cut');
    }

    public function test_an_own_cut_with_wrong_figures_is_refused_by_key(): void
    {
        $this->headButcher();

        $this->postJson('/api/v1/cuts', [...self::HARBOUR_STEAK, 'price_class' => 9, 'colour' => 'red'])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'price_class')
            ->assertJsonPath('violations.1.key', 'colour');
        $this->postJson('/api/v1/cuts', [...self::HARBOUR_STEAK, 'thickness_mm' => ['min' => 30, 'typical' => 20, 'max' => 40]])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'row 1.thickness_mm');
        // "Flap" is beef-flap's name, not its slug
        $this->postJson('/api/v1/cuts', [...self::HARBOUR_STEAK, 'name' => 'Flap'])->assertCreated();
        $this->postJson('/api/v1/cuts', [...self::HARBOUR_STEAK, 'name' => 'Beef flap'])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'name');
    }

    public function test_a_local_name_is_added_found_and_removed(): void
    {
        $this->headButcher();
        $name = ['place' => 'uk', 'name' => 'Lifeboat steak'];
        $this->postJson('/api/v1/cuts/beef-flap/names', $name)->assertCreated();

        $this->getJson('/api/v1/cuts?find=lifeboat')->assertJsonPath('cuts.0.slug', 'beef-flap');
        $this->postJson('/api/v1/cuts/tripe/names', $name)->assertUnprocessable()->assertJsonPath('violations.0.reason', 'conflict');
        $this->postJson('/api/v1/cuts/tripe/names', ['place' => 'moon', 'name' => 'x'])
            ->assertUnprocessable()
            ->assertJsonCount(2, 'violations');
        $this->deleteJson('/api/v1/cuts/beef-flap/names', $name)->assertNoContent();
        $this->getJson('/api/v1/cuts?find=lifeboat')->assertJsonCount(0, 'cuts');
        $this->deleteJson('/api/v1/cuts/beef-flap/names', ['place' => 'fr', 'name' => 'bavette d\'aloyau'])->assertUnprocessable();
    }

    public function test_a_hidden_cut_is_not_sold_until_it_is_shown_again(): void
    {
        $this->headButcher();
        $this->putJson('/api/v1/cuts/lamb-rump/hidden')->assertNoContent();

        $this->getJson('/api/v1/cuts?find=lamb%20rump')->assertJsonMissing(['slug' => 'lamb-rump']);
        $this->getJson('/api/v1/cuts?find=lamb%20rump&hidden=true')->assertJsonPath('cuts.0.is_hidden', true);
        $this->postJson('/api/v1/advice', self::RUMP)->assertUnprocessable()->assertJsonPath('violations.0.key', 'cut');
        $this->deleteJson('/api/v1/cuts/lamb-rump/hidden')->assertNoContent();
        $this->postJson('/api/v1/advice', self::RUMP)->assertOk();
    }

    public function test_the_catalogue_goes_out_and_comes_back_in_both_forms(): void
    {
        $this->headButcher();
        $this->postJson('/api/v1/cuts', self::HARBOUR_STEAK)->assertCreated();
        $this->putJson('/api/v1/cuts/eel/hidden')->assertNoContent();
        $json = (string) $this->get('/api/v1/catalogue/export.json')->assertOk()->getContent();
        $csv = (string) $this->get('/api/v1/catalogue/export.csv')->assertOk()->getContent();
        $this->actingAs($this->staff(Role::HeadButcher, 'Shop on the hill', 'other'));

        $this->import($csv, 'text/csv')
            ->assertOk()
            ->assertExactJson(['own_cuts' => 1, 'own_names' => 0, 'hidden' => 0]);
        $this->import($json)
            ->assertOk()
            ->assertExactJson(['own_cuts' => 1, 'own_names' => 0, 'hidden' => 1]);
        self::assertSame($json, $this->get('/api/v1/catalogue/export.json')->getContent());
    }

    public function test_an_import_with_bad_rows_lists_them_all_and_takes_nothing(): void
    {
        $this->headButcher();
        $rows = Csv::read((string) $this->get('/api/v1/catalogue/export.csv')->getContent(), CutCsv::header());
        $good = [...$rows[0], 'slug' => 'good-one', 'name' => 'Good one', 'names' => 'uk: good one'];
        $bad = [...$rows[1], 'slug' => 'bad-one', 'thickness_max_mm' => 'thick', 'muscles' => 'hoof'];
        $csv = Csv::write(CutCsv::header(), [array_values($good), array_values($bad), array_values([...$rows[2], 'price_class' => '4'])]);
        $reply = $this->import($csv, 'text/csv')->assertUnprocessable();

        self::assertEqualsCanonicalizing(['row 3.thickness_mm.max', 'row 4.slug'], array_column($reply->json('violations'), 'key'));
        $this->getJson('/api/v1/cuts/good-one')->assertUnprocessable();
        $this->import("slug,colour\nx,red\n", 'text/csv')->assertUnprocessable()->assertJsonPath('violations.0.key', 'header');
        $this->import('not json')->assertUnprocessable()->assertJsonPath('violations.0.key', 'file');
    }

    public function test_only_a_head_butcher_changes_the_catalogue(): void
    {
        $this->actingAs($this->staff());
        foreach (
            [
                $this->postJson('/api/v1/cuts', self::HARBOUR_STEAK),
                $this->deleteJson('/api/v1/cuts/beef-flap'),
                $this->putJson('/api/v1/cuts/beef-flap/hidden'),
                $this->postJson('/api/v1/cuts/beef-flap/names', ['place' => 'uk', 'name' => 'x x']),
                $this->import('{}'),
            ] as $reply
        ) {
            $reply->assertForbidden()->assertJsonPath('reason', 'role.not_allowed');
        }
    }

    private function headButcher(): User
    {
        $head = $this->staff(Role::HeadButcher);
        $this->actingAs($head);

        return $head;
    }

    private function import(string $body, string $type = 'application/json'): \Illuminate\Testing\TestResponse
    {
        return $this->call(
            'POST',
            '/api/v1/catalogue/import',
            [],
            [],
            [],
            ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
            $body,
        );
    }
}
