<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\Role;
use App\Models\User;
use Smalot\PdfParser\Parser;

/** The shelf over HTTP, and a shop's own on it: written, weighed, sold, in and out. */
final class SeasoningsTest extends AppTestCase
{
    private const RUB = [
        'name' => 'Quay rub',
        'kind' => 'rub',
        'g_per_kg' => 20,
        'strength' => 2,
        'groups' => ['pork'],
        'parts' => [['of' => 'coarse_salt', 'g' => 50], ['of' => 'caraway', 'g' => 30], ['of' => 'mustard_powder', 'g' => 20]],
        'price_per_kg' => 30,
    ];

    public function test_the_shelf_is_listed_and_one_of_it_weighed_for_so_much_meat(): void
    {
        $this->actingAs($this->staff());
        $shelf = $this->getJson('/api/v1/seasonings')->assertOk();

        self::assertGreaterThanOrEqual(80, count($shelf->json('seasonings')));
        $one = $this->getJson('/api/v1/seasonings/rub-dune')->assertOk()->json('batch');
        $six = $this->getJson('/api/v1/seasonings/rub-dune?meat_g=6000')->assertOk()->json('batch');
        self::assertEqualsWithDelta(6 * $one['total_g'], $six['total_g'], 0.5);
        self::assertEqualsWithDelta(6 * $one['cost'], $six['cost'], 0.05);
        $this->getJson('/api/v1/seasonings/rub-moon')->assertNotFound();
        $this->getJson('/api/v1/seasonings/rub-dune?meat_g=plenty')->assertUnprocessable();
    }

    public function test_an_own_seasoning_is_written_changed_sold_and_removed(): void
    {
        $head = $this->headButcher();
        $this->postJson('/api/v1/seasonings', self::RUB)->assertCreated()->assertJsonPath('slug', 'own-quay-rub');
        $this->postJson('/api/v1/seasonings', [...self::RUB, 'slug' => 'own-quay-rub', 'g_per_kg' => 25])->assertCreated();
        $this->getJson('/api/v1/seasonings/own-quay-rub')
            ->assertJsonPath('g_per_kg', 25)
            ->assertJsonPath('allergens', ['mustard']);

        $lot = Lot::query()->create([
            'shop_id' => $head->shop_id,
            'number' => 'S9',
            'cut_slug' => 'pork-loin-chop',
            'thickness_mm' => 25,
            'left_g' => 4000,
            'price_per_kg_minor' => 1500,
            'packed' => 'wet',
            'origin' => '',
        ]);
        $ask = [
            'cut' => 'pork-loin-chop',
            'thickness_mm' => 25,
            'method' => 'pan',
            'lot' => $lot->number,
            'diners' => [['count' => 2]],
        ];
        $priced = fn (array $with): array => $this->postJson('/api/v1/tickets', self::newTicket(['ask' => [...$ask, ...$with]]))
            ->assertCreated()
            ->json('dishes.0.ticket.price');
        [$bare, $price] = [$priced([]), $priced(['seasoning' => 'own-quay-rub'])];
        self::assertGreaterThan(0.0, $price['seasoning']);
        self::assertEqualsWithDelta($bare['total'] + $price['seasoning'], $price['total'], 0.001);

        // one that another is made of stays
        $this->postJson('/api/v1/seasonings', [
            ...self::RUB,
            'name' => 'Quay butter',
            'kind' => 'butter',
            'parts' => [['of' => 'own-quay-rub', 'g' => 10], ['of' => 'butter', 'g' => 90]],
        ])->assertCreated();
        $this->getJson('/api/v1/seasonings/own-quay-butter')->assertJsonPath('allergens', ['milk', 'mustard']);
        $this->deleteJson('/api/v1/seasonings/own-quay-rub')->assertUnprocessable()->assertJsonPath('violations.0.key', 'slug');
        $this->deleteJson('/api/v1/seasonings/own-quay-butter')->assertNoContent();
        $this->deleteJson('/api/v1/seasonings/own-quay-rub')->assertNoContent();
        $this->deleteJson('/api/v1/seasonings/rub-dune')->assertUnprocessable();
        $this->postJson('/api/v1/advice', [...$ask, 'seasoning' => 'own-quay-rub'])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'seasoning');
    }

    public function test_an_own_seasoning_is_known_at_the_counter_by_its_name_and_written_so(): void
    {
        $this->headButcher();
        $this->postJson('/api/v1/seasonings', self::RUB)->assertCreated();

        $this->postJson('/api/v1/ask-line', ['line' => 'pork chop quay rub for 2'])
            ->assertOk()
            ->assertJsonPath('dishes.0.seasoning', 'own-quay-rub');
        $wish = ['diners' => [['count' => 2]], 'seasoning' => 'own-quay-rub'];
        self::assertStringContainsString('quay rub', $this->postJson('/api/v1/matches', $wish)->assertOk()->json('line'));
        $this->actingAs($this->staff(shop: 'Shop on the hill', signIn: 'other'));
        $this->postJson('/api/v1/ask-line', ['line' => 'pork chop quay rub for 2'])->assertJsonMissingPath('dishes.0.seasoning');
    }

    public function test_nobody_sees_or_writes_those_of_another_shop(): void
    {
        $this->headButcher();
        $this->postJson('/api/v1/seasonings', self::RUB)->assertCreated();

        $this->actingAs($this->staff(shop: 'Shop on the hill', signIn: 'other'));
        $this->getJson('/api/v1/seasonings/own-quay-rub')->assertNotFound();
        $this->postJson('/api/v1/seasonings', self::RUB)->assertForbidden();
        $this->get('/api/v1/seasonings/export.json')->assertOk()->assertJsonCount(0, 'seasonings');
    }

    public function test_files_come_back_as_they_went_and_a_wrong_row_takes_nothing(): void
    {
        $this->headButcher();
        $this->postJson('/api/v1/seasonings', self::RUB)->assertCreated();
        $kept = $this->getJson('/api/v1/seasonings/own-quay-rub')->json('recipe');
        foreach (['json' => 'application/json', 'csv' => 'text/csv', 'jsonld' => 'application/ld+json'] as $format => $type) {
            $file = $this->get("/api/v1/seasonings/export.{$format}")
                ->assertOk()
                ->getContent();
            $this->deleteJson('/api/v1/seasonings/own-quay-rub')->assertNoContent();
            $this->upload((string) $file, $type)->assertOk()->assertJsonPath('taken', 1);
            self::assertEquals($kept, $this->getJson('/api/v1/seasonings/own-quay-rub')->json('recipe'), $format);
        }
        $wrong = [
            'seasonings' => [
                [...self::RUB, 'name' => 'Sound rub'],
                [...self::RUB, 'name' => 'Odd rub', 'parts' => [['of' => 'sawdust', 'g' => 1]]],
            ],
        ];
        $this->postJson('/api/v1/seasonings/import', $wrong)->assertUnprocessable()->assertJsonPath('violations.0.key', '2.parts.0.of');
        $this->getJson('/api/v1/seasonings/own-sound-rub')->assertNotFound();
        $this->upload('not json', 'application/json')->assertUnprocessable();
    }

    public function test_curing_salt_over_the_limit_is_refused_with_the_limit(): void
    {
        $this->headButcher();
        $reply = $this->postJson('/api/v1/seasonings', [
            ...self::RUB,
            'cure_use' => 'minced',
            'parts' => [['of' => 'nitrite_salt_us', 'g' => 30], ['of' => 'fine_salt', 'g' => 70]],
        ])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'parts');

        self::assertStringContainsString('156', $reply->json('violations.0.allowed'));
    }

    public function test_a_label_says_what_is_in_it_in_falling_order_with_its_allergens(): void
    {
        $this->headButcher();
        $this->postJson('/api/v1/seasonings', self::RUB)->assertCreated();
        $pdf = $this->get('/api/v1/seasonings/own-quay-rub/label.pdf?meat_g=6000')
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
        $text = (string) preg_replace('/\s+/u', ' ', (new Parser())->parseContent((string) $pdf->getContent())->getText());

        self::assertStringContainsString('120 g, for 6 kg of meat', $text);
        self::assertMatchesRegularExpression('/coarse salt 50 %, caraway 30 %, mustard flour 20 %/', $text);
        self::assertStringContainsString('Contains mustard.', $text);
    }

    private function headButcher(): User
    {
        $head = $this->staff(Role::HeadButcher, signIn: 'head');
        $this->actingAs($head);

        return $head;
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(string $text, string $type): \Illuminate\Testing\TestResponse
    {
        return $this->call(
            'POST',
            '/api/v1/seasonings/import',
            server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
            content: $text,
        );
    }
}
