<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\MoveKind;
use App\Models\Role;

/** Today's case: what is taken in, sold, weighed out, thrown away; and that it always adds up. */
final class CaseTest extends AppTestCase
{
    private const SIRLOIN = [
        'number' => 'V7',
        'cut' => 'venison-haunch-steak',
        'thickness_mm' => 25,
        'weight_g' => 2000,
        'price_per_kg' => 28.5,
        'aged_days' => 9,
        'packed' => 'dry',
        'origin' => 'Ardmoss',
        'use_by' => '2030-01-01',
    ];

    public function test_a_lot_taken_in_lies_in_the_case(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher))->postJson('/api/v1/case/lots', self::SIRLOIN)->assertCreated();
        $case = $this->getJson('/api/v1/case')
            ->assertOk()
            ->assertJsonPath('totals.lots', 1)
            ->assertJsonPath('totals.value', 57)
            ->assertJsonPath('currency', 'EUR');

        self::assertEquals(self::SIRLOIN, array_intersect_key($case->json('lots.0'), self::SIRLOIN));
        $this->postJson('/api/v1/case/lots', self::SIRLOIN)->assertUnprocessable()->assertJsonPath('violations.0.key', 'number');
    }

    public function test_what_leaves_is_written_down_and_no_more_leaves_than_there_is(): void
    {
        $id = $this->lot();
        $move = fn (string $kind, int $grams, ?string $reason = null) => $this->postJson("/api/v1/case/lots/{$id}/moves", [
            'kind' => $kind,
            'grams' => $grams,
            'reason' => $reason,
        ]);
        $move('weighed_out', 700)->assertOk();
        $move('thrown_away', 100)->assertUnprocessable()->assertJsonPath('violations.0.key', 'reason');
        $move('thrown_away', 100, 'discoloured')->assertOk();
        $move('weighed_out', 1300)->assertConflict()->assertJsonPath('reason', 'lot.too_little');
        $move('counted', 1150)->assertOk();

        self::assertSame(
            [-50, -100, -700, 2000],
            array_column($this->getJson("/api/v1/case/lots/{$id}/moves")->json('moves'), 'change_g'),
        );
        self::assertSame(1150, (int) LotMove::query()->where('lot_id', $id)->sum('change_g'));
        self::assertSame(1150, Lot::query()->findOrFail($id)->left_g);
    }

    public function test_changing_a_lot_never_changes_its_weight(): void
    {
        $id = $this->lot();
        $this->putJson("/api/v1/case/lots/{$id}", [...self::SIRLOIN, 'price_per_kg' => 31, 'weight_g' => 5])->assertOk();

        self::assertSame(
            [3100, 2000],
            array_values(
                Lot::query()
                    ->findOrFail($id)
                    ->only(['price_per_kg_minor', 'left_g']),
            ),
        );
    }

    public function test_an_advisor_sells_but_does_not_price_and_no_shop_sees_another_s_case(): void
    {
        $id = $this->lot();
        $this->actingAs($this->staff(Role::Advisor, signIn: 'advisor'))
            ->postJson('/api/v1/case/lots', [...self::SIRLOIN, 'number' => 'V8'])
            ->assertForbidden();
        $this->postJson("/api/v1/case/lots/{$id}/moves", ['kind' => 'weighed_out', 'grams' => 100])->assertOk();

        $this->actingAs($this->staff(Role::HeadButcher, shop: 'Shop over the bridge', signIn: 'other'))
            ->getJson('/api/v1/case')
            ->assertJsonPath('lots', []);
        $this->postJson("/api/v1/case/lots/{$id}/moves", ['kind' => 'weighed_out', 'grams' => 100])->assertNotFound();
        $this->getJson("/api/v1/case/lots/{$id}/moves")->assertNotFound();
    }

    public function test_a_file_of_five_thousand_rows_is_taken_and_comes_back_the_same(): void
    {
        $rows = array_map(
            static fn (int $i): string => sprintf(
                'N%04d,beef-rib-eye-steak,usda_quality:choice,30,%d,38.00,21,dry,Tarnholm,2030-01-01,no,no,no,,,',
                $i,
                1000 + $i,
            ),
            range(1, 5000),
        );
        $csv =
            'number,cut,grade,thickness_mm,weight_g,price_per_kg,aged_days,packed,origin,'.
            "use_by,parasite_frozen,pierced,stuffed,rearing,lead_days,trim_pct\n".
            implode("\n", $rows).
            "\n";
        $this->actingAs($this->staff(Role::HeadButcher));
        $this->import($csv)
            ->assertOk()
            ->assertExactJson(['received' => 5000, 'changed' => 0, 'refused' => []]);

        self::assertSame($csv, $this->get('/api/v1/case/export.csv')->getContent());
        self::assertSame(5000, LotMove::query()->where('kind', MoveKind::Received)->count());
        $this->import($csv)->assertOk()->assertJsonPath('changed', 5000);
        self::assertSame(5000, LotMove::query()->count()); // nothing moved
    }

    public function test_every_error_of_a_file_is_listed_by_its_row_and_nothing_is_taken_unless_the_good_rows_are_wanted(): void
    {
        $head = "number,cut,weight_g,price_per_kg\n";
        $csv =
            $head.
            "A,beef-mince,500,10\nB,beef-mint,500,10\nC,beef-mince,-5,10\nA,beef-mince,500,10\nD,beef-mince,500\nE,beef-mince,much,10\n";
        $this->actingAs($this->staff(Role::HeadButcher));
        $refused = $this->import($csv)->assertUnprocessable()->assertJsonPath('received', 0)->json('refused');

        self::assertSame(
            [[3, 'cut'], [4, 'weight_g'], [5, 'number'], [6, 'row'], [7, 'weight_g']],
            array_map(static fn (array $r): array => [$r['row'], $r['key']], $refused),
        );
        self::assertSame(0, Lot::query()->count());
        $this->import($csv, '?good_rows=1')->assertOk()->assertJsonPath('received', 1)->assertJsonCount(5, 'refused');
        $this->import("number,kut\nA,x\n")->assertUnprocessable()->assertJsonPath('violations.0.key', 'header');
    }

    private function import(string $csv, string $query = ''): \Illuminate\Testing\TestResponse
    {
        return $this->call(
            'POST',
            "/api/v1/case/import{$query}",
            server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'],
            content: $csv,
        );
    }

    private function lot(): int
    {
        $this->actingAs($this->staff(Role::HeadButcher, signIn: 'head'))->postJson('/api/v1/case/lots', self::SIRLOIN)->assertCreated();

        return (int) $this->getJson('/api/v1/case')->json('lots.0.id');
    }
}
