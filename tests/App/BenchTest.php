<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use Nessmark\Bench\Gs1;
use Smalot\PdfParser\Parser;

/** What the bench makes of the case, over HTTP: a mince, and labels. */
final class BenchTest extends AppTestCase
{
    public function test_a_label_has_the_weight_the_price_and_a_code_the_till_can_read(): void
    {
        $this->actingAs($cutter = $this->staff(Role::Cutter));
        $lot = Lot::query()->create([
            'shop_id' => $cutter->shop_id,
            'number' => 'F7',
            'cut_slug' => 'cod-loin',
            'left_g' => 3000,
            'price_per_kg_minor' => 2700,
            'packed' => 'wet',
            'origin' => 'Varr bank',
            'use_by' => '2031-02-03',
        ]);
        $pdf = $this->get("/api/v1/case/lots/{$lot->id}/label.pdf?g=420")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
        $text = self::words($pdf);
        $ean = Gs1::inStore('28', $lot->id % 100_000, 1134); // 0.42 kg at 27.00

        foreach (['Cod loin', 'Lot F7.', '420', '11.34', $ean, 'Use by 2031-02-03', 'Contains fish.', '(3103)000420'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertStringContainsString('(17)310203 (10)F7', $text);
        $byWeight = $this->get("/api/v1/case/lots/{$lot->id}/label.pdf?g=420&code=weight");
        self::assertStringContainsString(Gs1::inStore('27', $lot->id % 100_000, 420), self::words($byWeight));
        $lot->update(['number' => 'Å 7, the long one from the north']); // no identifier holds that: it stands in words
        $odd = self::words($this->get("/api/v1/case/lots/{$lot->id}/label.pdf?g=420")->assertOk());
        self::assertStringContainsString('Lot Å 7, the long one from the north', $odd);
        self::assertStringNotContainsString('(10)', $odd);
        $this->getJson("/api/v1/case/lots/{$lot->id}/label.pdf?g=none")->assertUnprocessable();
        $this->actingAs($this->staff(Role::Cutter, 'Shop on the hill', 'other'))
            ->get("/api/v1/case/lots/{$lot->id}/label.pdf?g=420")
            ->assertNotFound();
    }

    public function test_a_mince_is_made_of_lots_of_the_case_and_what_cannot_be_is_refused_with_what_can(): void
    {
        $this->actingAs($cutter = $this->staff(Role::Cutter));
        foreach (
            [['A', 'beef-chuck-eye-steak', 1400], ['B', 'beef-brisket-point', 900], ['F', 'cod-loin', 2700]] as [$number, $cut, $price]
        ) {
            Lot::query()->create([
                'shop_id' => $cutter->shop_id,
                'number' => $number,
                'cut_slug' => $cut,
                'left_g' => 3000,
                'price_per_kg_minor' => $price,
                'packed' => 'wet',
                'origin' => '',
            ]);
        }
        $ask = ['pieces' => 6, 'each_g' => 170, 'fat_pct' => 20, 'spare_pct' => 3, 'lots' => [['lot' => 'A'], ['lot' => 'B']]];
        $mince = $this->postJson('/api/v1/mince', $ask)->assertOk();

        self::assertSame(1020, array_sum(array_column($mince->json('parts'), 'g')));
        $dear = $this->postJson('/api/v1/mince', [...$ask, 'goal' => 'flavour'])->assertOk();
        self::assertLessThanOrEqual($dear->json('cost'), $mince->json('cost'));
        $this->postJson('/api/v1/mince', [...$ask, 'fat_pct' => 2, 'spare_pct' => 0])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'fat_pct');
        $this->postJson('/api/v1/mince', [...$ask, 'lots' => [['lot' => 'F'], ['lot' => 'X']]])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'lots.0.lot')
            ->assertJsonPath('violations.1.key', 'lots.1.lot');
        $this->actingAs($this->staff(Role::Cutter, 'Shop on the hill', 'other'))
            ->postJson('/api/v1/mince', $ask)
            ->assertUnprocessable();
    }

    /** @param  TestResponse<\Illuminate\Http\Response>  $pdf */
    private static function words(TestResponse $pdf): string
    {
        return (string) preg_replace('/\s+/u', ' ', (new Parser())->parseContent((string) $pdf->getContent())->getText());
    }
}
