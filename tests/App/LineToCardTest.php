<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Services\Language;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Words;

/** What was said at the counter stands on the card that goes home, in each of its languages. */
final class LineToCardTest extends AppTestCase
{
    private const CASE = [
        'cod-loin' => 28, 'beef-rib-eye-steak' => 30, 'duck-breast' => 25, 'venison-loin-steak' => 30, 'beef-cheek' => null,
        'pork-tenderloin' => 55, 'chicken-whole' => null,
    ];

    /**
     * The line, what the card says, what it never says, and a figure on it.
     *
     * @return Generator<string, array{0: string, 1: list<string>, 2: list<string>, 3?: string}>
     */
    public static function lines(): Generator
    {
        yield 'a coat without gluten, and no flour in the air' => [
            'cod loin deep fried for 4, one coeliac',
            ['do.prepare_coat_starch', 'doubt.apart_flour', 'doubt.diet_gluten_free'],
            ['do.prepare_coat', 'left.long'],
        ];
        yield 'oil where somebody has no dairy' => [
            'venison loin steak for 3, one no dairy', ['do.baste_oil'], ['do.baste', 'trouble.overdone'],
        ];
        yield 'water where stock may hold celery, and a board of its own' => [
            'beef cheeks braised for 4, one allergic to celery', ['do.braise_water', 'doubt.apart'], ['do.braise'],
        ];
        yield 'stock brings salt nobody weighs' => ['beef cheeks braised for 4', ['do.braise', 'doubt.stock_salt'], ['do.braise_water']];
        yield 'the core that was said is the one it is cooked to' => ['pork tenderloin core 75 for 2', [], [], '75 °C'];
        yield 'the weight that was said is the bird’s' => ['whole chicken 1.4 kg for 4', [], [], '1,4 kg'];
        yield 'a child of an age nobody said' => ['duck breast pink for 3, one child', ['safety.children_under_five'], []];
    }

    /**
     * @param  list<string>  $says
     * @param  list<string>  $never
     */
    #[DataProvider('lines')]
    public function test_it_stands_on_the_card(string $line, array $says, array $never, string $figure = ''): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        foreach (self::CASE as $cut => $mm) {
            $this->postJson('/api/v1/case/lots', [
                'number' => $cut, 'cut' => $cut, 'thickness_mm' => $mm, 'weight_g' => 9000, 'price_per_kg' => 26,
            ])->assertCreated();
        }
        $shown = $this->postJson('/api/v1/counter', ['line' => $line, 'now' => '2026-11-25T10:00:00+01:00'])->assertOk()->json();
        self::assertSame([], $shown['unread'] ?? []);
        $given = $this->postJson('/api/v1/tickets', ['units' => 'metric', 'dishes' => [[
            'ask' => $shown['ask'],
            'seen' => $shown['id'],
            'cautions_read' => array_column($shown['ticket']['verdict']['findings'], 'id'),
        ]]])->assertCreated()->json();
        foreach (Language::cases() as $language) {
            $card = $this->get("{$given['card_link']['url']}?language={$language->value}")->assertOk()->content();
            $card = (string) preg_replace('/[\s\x{a0}]+/u', ' ', html_entity_decode(strip_tags((string) $card)));
            $words = Words::file("card/{$language->value}")['say'];
            // up to its first figure, which another language may put elsewhere
            $begins = static fn (string $key): string => trim(str_replace("\u{a0}", ' ', explode('{', $words[$key])[0]));
            foreach ($says as $key) {
                self::assertStringContainsString($begins($key), $card, "{$language->value} {$key}");
            }
            self::assertStringContainsString($figure, str_replace('1.4', '1,4', $card), $language->value);
            foreach ($never as $key) {
                self::assertStringNotContainsString($begins($key), $card, "{$language->value} {$key}");
            }
        }
    }
}
