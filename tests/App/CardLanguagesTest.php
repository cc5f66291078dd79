<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Customer;
use App\Models\Shop;
use App\Services\Language;
use PHPUnit\Framework\Attributes\DataProvider;
use Smalot\PdfParser\Parser;
use Tests\Support\Words;

/** The card in the customer's language: on paper, on a roll, in large type and on the phone. */
final class CardLanguagesTest extends AppTestCase
{
    private const ASKS = [
        self::RUMP,
        ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'diners' => [['count' => 4]]],
        ['cut' => 'mussels', 'method' => 'steam', 'diners' => [['count' => 2]]],
        [
            'cut' => 'beef-outside-skirt',
            'method' => 'grill',
            'diners' => [
                ['count' => 2, 'doneness' => 'medium_rare'],
                ['count' => 1, 'at_risk' => true, 'doneness' => 'well', 'avoid' => ['mustard']],
            ],
            'eat_at' => '2027-01-09T19:30:00+01:00',
            'now' => '2027-01-08T10:00:00+01:00',
        ],
        ['cut' => 'lamb-leg-bone-in', 'method' => 'oven_roast', 'diners' => [['count' => 6]], 'seasoning' => 'marinade-red-wine'],
        ['cut' => 'cod-fillet', 'method' => 'deep_fry', 'diners' => [['count' => 2]], 'diets' => ['gluten_free']],
    ];

    #[DataProvider('languages')]
    public function test_cards_are_read_off_paper_in_the_language_and_nothing_is_left_in_english(Language $language): void
    {
        $this->actingAs($this->staff());
        foreach (self::ASKS as $ask) {
            $given = $this->give($ask, $language);
            $card = (new Parser())->parseContent(
                $this->get("/api/v1/tickets/{$given['id']}/card.pdf")
                    ->assertOk()
                    ->content(),
            );
            $text = (string) preg_replace('/\s+/u', ' ', $card->getText());
            $words = Words::file("card/{$language->value}");
            self::assertCount(2, $card->getPages(), "{$ask['cut']}: front and back of one sheet");
            self::assertStringContainsString($words['card']['serve'], $text);
            self::assertStringContainsString($words['say']['caution.local_code'], $text, 'it says whose word comes first');
            self::assertStringNotContainsString("\u{fffd}", $text);
            foreach (['roll', 'large'] as $paper) {
                $this->get("/api/v1/tickets/{$given['id']}/card.pdf?paper={$paper}")->assertOk();
            }
            if ($language !== Language::English) {
                $page = html_entity_decode(strip_tags($this->get($given['card_link']['url'])->assertOk()->content()));
                self::assertSame([], self::inEnglish($text), "{$language->value} {$ask['cut']}");
                self::assertSame([], self::inEnglish($page), "{$language->value} {$ask['cut']} on the phone");
            }
        }
    }

    public function test_figures_dates_and_money_are_written_as_the_language_writes_them(): void
    {
        $this->actingAs($this->staff());
        $given = $this->give(['cut' => 'chicken-whole', 'method' => 'oven_roast', 'diners' => [['count' => 4]]], Language::German);
        $page = $this->get($given['card_link']['url'])->content();
        $pull = $given['dishes'][0]['ticket']['pull_core_c'];

        self::assertStringContainsString(str_replace('.', ',', (string) $pull)."\u{a0}°C", $page);
        $this->get($given['card_link']['url'].'?language=en')->assertSee("{$pull}\u{a0}°C", false);
        $this->get($given['card_link']['url'].'?language=fr')
            ->assertSee('<html lang="fr">', false)
            ->assertSee('Poulet entier');
        $this->get($given['card_link']['url'].'?language=tlh')->assertSee('<html lang="de">', false);
    }

    public function test_the_card_speaks_the_customers_language_else_the_shops_and_can_be_changed(): void
    {
        $user = $this->staff();
        $this->actingAs($user);
        $customer = $this->postJson('/api/v1/customers', ['name' => 'Ilse', 'language' => 'nl'])
            ->assertCreated()
            ->json('id');
        self::assertSame(Language::Dutch, Customer::query()->findOrFail($customer)->language);
        $theirs = $this->postJson('/api/v1/tickets', self::newTicket(change: ['customer_id' => $customer]));
        Shop::query()
            ->whereKey($user->shop_id)
            ->update(['language' => 'es']);
        $user->unsetRelation('shop');
        $shops = $this->postJson('/api/v1/tickets', self::newTicket());

        self::assertSame(['nl', 'es'], [$theirs->json('language'), $shops->json('language')]);
        $this->putJson("/api/v1/tickets/{$shops->json('id')}/language", ['language' => 'fr'])->assertJsonPath('language', 'fr');
        $this->putJson("/api/v1/tickets/{$shops->json('id')}/language", ['language' => 'xx'])->assertUnprocessable();
    }

    /** @return array<string, array{Language}> */
    public static function languages(): array
    {
        return array_combine(
            array_column(Language::cases(), 'value'),
            array_map(static fn (Language $each): array => [$each], Language::cases()),
        );
    }

    /**
     * @param  array<string, mixed>  $ask
     * @return array<string, mixed>
     */
    private function give(array $ask, Language $language): array
    {
        $seen = $this->postJson('/api/v1/advice', $ask)->assertOk();
        $read = array_column($seen->json('ticket.verdict.findings'), 'id');

        return $this->postJson(
            '/api/v1/tickets',
            self::newTicket(['ask' => $ask, 'cautions_read' => $read], ['language' => $language->value]),
        )
            ->assertCreated()
            ->json();
    }

    /** @return list<string> sentences of the English card that stand in a text, without their figures */
    private static function inEnglish(string $text): array
    {
        $text = (string) preg_replace('/\s+/u', ' ', $text);
        $left = [];
        foreach (Words::file('card/en')['say'] as $sentence) {
            foreach (preg_split('/\{[^{}]*(?:\{[^{}]*\}[^{}]*)*\}|[.:;,(]/', $sentence) ?: [] as $part) {
                $part = trim($part);
                if (str_word_count($part) >= 3 && str_contains($text, $part)) {
                    $left[] = $part;
                }
            }
        }

        return $left;
    }
}
