<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\CardLink;
use App\Models\Role;
use App\Models\Ticket;
use App\Services\CardPaper;
use App\Services\CardPdf;
use App\Services\Language;
use App\Services\QrCode;
use App\Services\Units;
use Smalot\PdfParser\Parser;

final class PhoneCardTest extends AppTestCase
{
    public function test_whoever_holds_the_address_reads_the_card_and_no_name(): void
    {
        $given = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
        $this->app->make('auth')->forgetGuards();
        $page = $this->get($given->json('card_link.url'))->assertOk();

        $page->assertSee('Lamb rump')->assertSee($given->json('dishes.0.ticket.pull_core_c')."\u{a0}°C");
        $page->assertDontSee('Pell')->assertDontSee('Somebody')->assertDontSee($given->json('id'));
        self::assertSame([], $page->headers->getCookies());
        self::assertSame('noindex, nofollow', $page->headers->get('X-Robots-Tag'));
        self::assertLessThan(60_000, strlen((string) $page->getContent()));
        self::assertCount(count($given->json('dishes.0.ticket.timeline')), self::boxes((string) $page->getContent()));
    }

    public function test_the_other_units_are_a_touch_away(): void
    {
        $url = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->json('card_link.url');

        $this->get($url)->assertSee('?units=imperial', false);
        $this->get($url.'?units=imperial')
            ->assertSee("\u{a0}°F")
            ->assertSee('?units=metric', false);
        $this->get($url.'?units=furlongs')
            ->assertOk()
            ->assertSee('?units=imperial', false);
    }

    public function test_what_the_card_reads_is_what_the_phone_reads(): void
    {
        $given = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket());
        $page = self::words((string) $this->get($given->json('card_link.url'))->getContent());
        $paper = fn (string $kind): string => self::words(
            (new Parser())
                ->parseContent($this->get("/api/v1/tickets/{$given->json('id')}/card.pdf?paper={$kind}")->content())
                ->getText(),
        );
        [$sheet, $roll] = [$paper('a5'), $paper('roll')];

        self::assertNotSame([], $given->json('dishes.0.ticket.cautions'));
        foreach (self::said($given->json('dishes.0.ticket')) as $said) {
            self::assertStringContainsString($said, $page);
            self::assertStringContainsString($said, $sheet);
            self::assertStringContainsString($said, $roll);
        }
    }

    public function test_a_new_address_ends_the_old_and_the_shop_can_end_it(): void
    {
        $given = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket());
        $path = "/api/v1/tickets/{$given->json('id')}/card-link";
        $renewed = $this->postJson($path)->assertOk();

        $this->get($given->json('card_link.url'))->assertNotFound();
        $this->get($renewed->json('card_link.url'))->assertOk();
        $this->deleteJson($path)->assertOk()->assertJsonPath('card_link', null);
        $this->get($renewed->json('card_link.url'))->assertNotFound();
        $this->getJson("{$path}.svg")->assertNotFound();
    }

    public function test_expired_ended_and_invented_addresses_look_alike(): void
    {
        $url = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->json('card_link.url');
        $this->travel(31)->days();
        $answers = array_map(
            fn (string $each): string => (string) preg_replace(
                '/nonce="\w+"/',
                '',
                (string) $this->get($each)->assertNotFound()->getContent(),
            ),
            [$url, url('card/'.str_repeat('0', 32)), url('card/x'), url('card/'.str_repeat('a', 3000))],
        );

        self::assertCount(1, array_unique($answers));
        self::assertNull($this->getJson('/api/v1/tickets/'.Ticket::query()->firstOrFail()->id)->json('card_link'));
    }

    public function test_how_it_was_is_one_word_of_the_list_said_once_and_read_by_the_shop(): void
    {
        $given = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket());
        $url = $given->json('card_link.url');
        $answer = fn (mixed $said) => $this->post("{$url}/answer", ['dish' => 1, 'answer' => $said]);

        $answer('wonderful')->assertUnprocessable();
        $answer(['good'])->assertUnprocessable();
        $answer('tough')->assertRedirect();
        $answer('good')->assertRedirect();
        $this->get($url)->assertSee('Tough. Thank you')->assertDontSee('name="answer"', false);
        $this->getJson("/api/v1/tickets/{$given->json('id')}")->assertJsonPath('dishes.0.answer', 'tough');
        $this->post('/card/'.str_repeat('0', 32).'/answer', ['dish' => 1, 'answer' => 'good'])->assertNotFound();
    }

    public function test_ten_thousand_guesses_learn_nothing_and_a_reader_is_not_counted(): void
    {
        $url = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->json('card_link.url');
        for ($i = 0; $i < 40; $i++) {
            $this->get($url)->assertOk();
        }
        $seen = [];
        for ($i = 0; $i < 10_000; $i++) {
            $status = $this->get('/card/'.bin2hex(random_bytes(16)))->getStatusCode();
            $seen[$status] = ($seen[$status] ?? 0) + 1;
        }

        self::assertSame([404 => 20, 429 => 9980], $seen);
        $this->travel(61)->seconds();
        $this->get($url)->assertOk();
    }

    public function test_the_address_is_128_bits_kept_unreadable(): void
    {
        $url = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->json('card_link.url');
        $kept = (array) $this->app->make('db')->table('card_links')->first();

        self::assertMatchesRegularExpression('~/card/[0-9a-f]{32}$~', $url);
        self::assertStringNotContainsString(substr($url, -32), implode(' ', $kept));
    }

    public function test_the_code_on_screen_is_the_address(): void
    {
        $given = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket());

        self::assertSame(
            QrCode::of($given->json('card_link.url'))?->svg(),
            $this->get("/api/v1/tickets/{$given->json('id')}/card-link.svg")
                ->assertOk()
                ->content(),
        );
    }

    public function test_the_printed_card_has_the_code_and_stays_one_sheet(): void
    {
        $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->assertCreated();
        $with = Ticket::query()->with(Ticket::SHOWN)->firstOrFail();
        $print = fn (Ticket $ticket): string => $this->app
            ->make(CardPdf::class)
            ->render($ticket, Units::Metric, Language::English, CardPaper::A5);
        $withCode = $print($with);
        CardLink::query()->delete();

        self::assertCount(2, (new Parser())->parseContent($withCode)->getPages());
        self::assertGreaterThan(strlen($print($with->fresh(Ticket::SHOWN) ?? $with)), strlen($withCode));
    }

    public function test_a_roll_is_one_page_as_long_as_what_it_says(): void
    {
        $this->actingAs($this->staff());
        $dish = self::newTicket()['dishes'][0];
        $sizes = [];
        foreach ([1, 3] as $dishes) {
            $given = $this->postJson(
                '/api/v1/tickets',
                self::newTicket(change: ['dishes' => array_fill(0, $dishes, $dish)]),
            )->assertCreated();
            $pages = (new Parser())
                ->parseContent(
                    $this->get("/api/v1/tickets/{$given->json('id')}/card.pdf?paper=roll")
                        ->assertOk()
                        ->content(),
                )
                ->getPages();
            self::assertCount(1, $pages);
            $sizes[] = $pages[0]->getDetails()['MediaBox'];
            self::assertStringContainsString('Howwasit?', self::words($pages[0]->getText()), 'room for notes, at the end');
        }

        self::assertEqualsWithDelta(80.0, ($sizes[0][2] / 72) * 25.4, 0.1);
        self::assertGreaterThan(2 * $sizes[0][3], $sizes[1][3]);
        $this->getJson("/api/v1/tickets/{$given->json('id')}/card.pdf?paper=slate")->assertUnprocessable();
    }

    public function test_whose_piece_is_whose_stands_on_the_phone_and_on_the_roll(): void
    {
        $ask = [
            ...self::RUMP,
            'diners' => [['count' => 2, 'doneness' => 'medium_rare'], ['count' => 1, 'at_risk' => true, 'doneness' => 'well']],
        ];
        $this->actingAs($this->staff());
        $given = $this->postJson(
            '/api/v1/tickets',
            self::newTicket(['ask' => $ask, 'cautions_read' => ['safety.below_minimum_held A']]),
        )->assertCreated();
        $pieces = $given->json('dishes.0.ticket.pieces');
        $page = self::words((string) $this->get($given->json('card_link.url'))->getContent());
        $roll = (new Parser())
            ->parseContent($this->get("/api/v1/tickets/{$given->json('id')}/card.pdf?paper=roll")->content())
            ->getText();

        $sheet = (new Parser())->parseContent($this->get("/api/v1/tickets/{$given->json('id')}/card.pdf")->content())->getText();
        self::assertStringContainsString(self::words('('.Units::Metric->show('_g', $pieces[0]['raw_g']).')'), self::words($sheet));
        self::assertSame([false, true], array_column($pieces, 'at_risk'));
        foreach ([$page, self::words($roll)] as $read) {
            self::assertStringContainsString(self::words('('.Units::Metric->show('_g', $pieces[0]['raw_g']).')'), $read);
            self::assertStringContainsString("{$pieces[0]['mark']}:2×mediumrare(", $read);
            self::assertStringContainsString("{$pieces[1]['mark']}:1×welldone,atrisk(", $read);
        }
    }

    public function test_every_dish_of_a_ticket_is_on_the_phone_with_steps_of_its_own(): void
    {
        $duck = [
            'cut' => 'duck-breast',
            'thickness_mm' => 22,
            'method' => 'pan',
            'diners' => [['count' => 4, 'doneness' => 'pink']],
        ];
        $this->actingAs($this->staff());
        $dishes = [
            self::newTicket()['dishes'][0],
            ['ask' => $duck, 'cautions_read' => ['safety.below_minimum_held', 'safety.below_minimum']],
        ];
        $given = $this->postJson('/api/v1/tickets', self::newTicket(change: ['dishes' => $dishes]))->assertCreated();
        $page = (string) $this->get($given->json('card_link.url'))->getContent();
        preg_match_all('/id="(step-[\d-]+)"/', $page, $steps);

        self::assertSame(2, substr_count($page, '<h1>'));
        self::assertSame($steps[1], array_unique($steps[1]), 'a tick of one dish does not tick another');
        self::assertCount(count($given->json('dishes.0.ticket.timeline')) + count($given->json('dishes.1.ticket.timeline')), $steps[1]);
    }

    public function test_a_ticket_taken_back_says_so_on_the_phone(): void
    {
        $given = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket());
        $this->get($given->json('card_link.url'))->assertDontSee('Taken back');
        $this->postJson("/api/v1/tickets/{$given->json('id')}/take-back")->assertOk();

        $this->get($given->json('card_link.url'))->assertOk()->assertSee('Taken back: not sold.');
    }

    public function test_an_ended_address_leaves_the_card_to_be_printed_without_a_code(): void
    {
        $given = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket());
        $this->deleteJson("/api/v1/tickets/{$given->json('id')}/card-link")->assertOk();

        foreach (['a5', 'roll'] as $paper) {
            $card = $this->get("/api/v1/tickets/{$given->json('id')}/card.pdf?paper={$paper}")
                ->assertOk()
                ->content();
            self::assertStringNotContainsString('Onyourphone', self::words((new Parser())->parseContent($card)->getText()));
        }
    }

    public function test_only_those_who_advise_change_the_address(): void
    {
        $id = $this->actingAs($this->staff())->postJson('/api/v1/tickets', self::newTicket())->json('id');

        $this->actingAs($this->staff(Role::Cutter, signIn: 'cutter'))
            ->postJson("/api/v1/tickets/{$id}/card-link")
            ->assertForbidden();
        $this->actingAs($this->staff(shop: 'Shop on the hill', signIn: 'other'))
            ->deleteJson("/api/v1/tickets/{$id}/card-link")
            ->assertNotFound();
    }

    /** @return list<string> */
    private static function boxes(string $page): array
    {
        preg_match_all('/<input type="checkbox"/', $page, $found);

        return $found[0];
    }

    /**
     * Every sentence of the card in metric: what to do, cautions, what makes it unsafe.
     *
     * @param  array<string, mixed>  $ticket
     * @return list<string>
     */
    private static function said(array $ticket): array
    {
        $wording = app(\App\Services\Wording::class);
        $phrases = [
            ...array_column($ticket['timeline'], 'do'),
            ...$ticket['cautions'],
            ...$ticket['verdict']['findings'],
            ...$ticket['doubts'],
        ];

        return array_map(static fn (array $each): string => self::words($wording->say($each, Units::Metric)), $phrases);
    }

    private static function words(string $text): string
    {
        return (string) preg_replace('/[\s\x{a0}]+/u', '', html_entity_decode(strip_tags($text), ENT_QUOTES | ENT_HTML5));
    }
}
