<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\CounterPage;
use Tests\Browser\Support\JourneyCase;

/** The counter as it is used: a real browser, the real server, a real database. */
final class CounterJourneyTest extends JourneyCase
{
    public function test_a_ticket_is_made_changed_given_found_and_printed(): void
    {
        $counter = $this->byHand()->chooseCut('lamb rump', 'Lamb rump, cap on')->choose('method', 'Sear, then oven');
        $before = $counter->text('time');
        $counter->type('thickness', '60')->settled();
        $after = $counter->text('time');
        self::assertNotSame($before, $after);
        self::assertGreaterThan((int) $before, (int) $after, 'thicker takes longer');

        self::assertFalse($counter->part('give')->isEnabled(), 'the caution has not been read out');
        $counter->part('read-safety.below_minimum_held')->click();
        $counter->isFor('Oddny');
        $pull = $counter->text('pull');
        $counter->part('give')->click();
        $number = (int) filter_var($counter->waitFor('given')->getText(), FILTER_SANITIZE_NUMBER_INT);
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $this->chromium->driver->get(self::$application->url.'/tickets');
        $counter->waitFor('tickets')->findElement(WebDriverBy::linkText('Lamb rump, cap on'))->click();
        self::assertSame("No. {$number}, Oddny", $counter->waitFor('ticket-number')->getText());
        self::assertSame([$pull, $after], [$counter->text('pull'), $counter->text('time')]);
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $card = $this->chromium->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'.
            'fetch(arguments[0]).then(async (r) => done([r.status, r.headers.get("content-type"), (await r.text()).slice(0, 5)]))',
            [$counter->part('card-link')->getAttribute('href')],
        );
        self::assertSame([200, 'application/pdf', '%PDF-'], $card);
    }

    public function test_the_keyboard_alone_makes_a_ticket(): void
    {
        $browser = $this->chromium->driver;
        $browser->get(self::$application->url.'/counter');
        $keys = CounterPage::at($browser, self::$application->url);
        $keys->part('sign-in-name');
        $browser->getKeyboard()->sendKeys([WebDriverKeys::TAB, 'ysolde', WebDriverKeys::TAB, 'coldroom-88', WebDriverKeys::ENTER]);
        $keys->waitFor('start');
        $keys->press(WebDriverKeys::TAB, 'tab-piece')->press(WebDriverKeys::ENTER);
        $keys->waitFor('thickness');
        $keys->press(WebDriverKeys::TAB, 'cuts')->press(WebDriverKeys::ARROW_DOWN)->settled();
        $cut = $keys->text('ticket');
        $keys->press(WebDriverKeys::ARROW_UP)->settled();
        self::assertNotSame($cut, $keys->text('ticket'), 'arrow keys choose the cut');

        $time = $keys->text('time');
        $keys->press(']')->press(']')->press(']')->press(']')->settled();
        self::assertNotSame($time, $keys->text('time'), 'brackets change the thickness');
        $metric = $keys->text('timeline');
        $keys->press('u');
        self::assertNotSame($metric, $keys->text('timeline'), 'u changes the units');

        foreach ($browser->findElements(WebDriverBy::cssSelector('[data-testid^="read-"]')) as $ignored) {
            $keys->press(WebDriverKeys::TAB, 'read-')->press(WebDriverKeys::SPACE);
        }
        $keys->press('p');
        self::assertStringContainsString('is given', $keys->waitFor('given')->getText());
    }

    public function test_what_is_wrong_is_said_and_what_was_typed_stays(): void
    {
        $counter = $this->byHand()->chooseCut('rib eye', 'Rib-eye steak');
        foreach (
            [
                'abc' => 'not a number',
                'NaN' => 'not a number',
                '0' => 'from 10 mm to',
                '-5' => 'from 10 mm to',
                '10000' => 'from 10 mm to',
            ] as $typed => $complaint
        ) {
            $counter->type('thickness', (string) $typed);
            $counter->complains($complaint);
            self::assertSame((string) $typed, $counter->value('thickness'));
        }
        $counter->type('thickness', '12,5 cm');
        $counter->complains('not a number');
        $counter->reloaded();
        self::assertSame('12,5 cm', $counter->value('thickness'), 'a reload loses nothing');

        $counter
            ->remember(['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30])
            ->reloaded()
            ->eatsAt('00:00');
        $counter->complains('Eats at cannot be');
        $counter->eatsAt('');
        $counter->remember(['cut' => 'unicorn-rump'])->reloaded();
        $counter->complains('Cut cannot be “unicorn-rump”');
        $counter
            ->remember(['cut' => 'beef-rib-eye-steak'])
            ->reloaded()
            ->settled();
        $counter->choose('method', 'Water bath');
        $counter->type('heat', '50');
        $counter->complains('can never be reached');
        self::assertSame('50', $counter->value('heat'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_screen_and_card_show_the_same_figures_in_the_customers_units(): void
    {
        $counter = $this->byHand()->chooseCut('lamb rump', 'Lamb rump, cap on')->choose('method', 'Sear, then oven');
        $counter->part('read-safety.below_minimum_held')->click();
        $browser = $this->chromium->driver;
        $browser->findElement(WebDriverBy::cssSelector('[data-testid="units"]'))->click();
        $counter->settled();
        $pull = $counter->text('pull');
        self::assertStringEndsWith('°F', $pull);
        $lines = array_filter(explode("\n", $counter->text('timeline')), static fn (string $line): bool => str_contains($line, '°F'));
        $counter->part('give')->click();
        $counter->waitFor('given');
        $counter->part('open-given')->click();
        $card = $this->card($counter->waitFor('card-link')->getAttribute('href'));

        self::assertStringContainsString(self::plain($pull), $card);
        self::assertGreaterThanOrEqual(3, count($lines));
        foreach ($lines as $line) {
            preg_match_all('/\d+\s°F/u', $line, $figures);
            foreach ($figures[0] as $figure) {
                self::assertStringContainsString(self::plain($figure), $card);
            }
        }
    }

    public function test_someone_at_risk_turns_the_plan_into_a_stop_with_a_way_out(): void
    {
        $counter = $this->byHand()->chooseCut('lamb rump', 'Lamb rump, cap on')->open('people')->choose('risk', 'All')->shut();
        self::assertStringContainsString('Stop', $counter->text('verdict'));
        self::assertFalse($counter->has('give'));

        $counter->part('offer')->click();
        $counter->waitForText('verdict', 'Clear')->settled();
        $this->waits(fn (): bool => $counter->part('give')->isEnabled());
    }

    public function test_needled_meat_may_not_stay_pink_and_the_next_piece_is_whole_again(): void
    {
        $counter = $this->byHand('ysolde', 'coldroom-88')->chooseCut('lamb rump', 'Lamb rump, cap on');
        $counter->open('done')->choose('doneness', 'rare')->shut()->part('pierced')->click();
        $counter->waitForText('verdict', 'Stop');
        self::assertStringContainsString('outside is inside', $counter->text('verdict'));

        $counter->chooseCut('rib eye', 'Rib-eye steak');
        self::assertFalse($counter->part('pierced')->isSelected());
        self::assertStringNotContainsString('Stop', $counter->text('verdict'));
    }

    public function test_a_braise_ends_at_a_fork_and_rests_covered(): void
    {
        $counter = $this->byHand('ysolde', 'coldroom-88')->chooseCut('beef cheek', 'Beef cheek');
        $ticket = $counter->text('ticket');

        self::assertStringContainsString('Until a fork turns in it', $ticket);
        self::assertStringContainsString('still covered', $ticket);
        self::assertStringContainsString('It hangs on the animal', $ticket);
        self::assertStringNotContainsString(
            '°C',
            $counter->open('done')->part('doneness')->findElement(WebDriverBy::xpath(".//label[contains(., 'fork tender')]"))->getText(),
            'a texture has no temperature',
        );
        $counter->shut();

        $lidded = $counter->text('time');
        $counter->select('fire-pot', 'pressure pot')->waitForText('ticket', 'pressure pot');
        $counter->settled();
        self::assertNotSame($lidded, $counter->text('time'));
        self::assertStringContainsString('Collagen turned', $counter->text('texture'));
        self::assertStringContainsString('open it only when the pressure is gone', $counter->text('ticket'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_a_wet_surface_a_weak_ring_and_a_thin_end_change_the_ticket(): void
    {
        $counter = $this->byHand('ysolde', 'coldroom-88')->chooseCut('outside skirt', 'Outside skirt');
        foreach (['surface' => 'straight from its bag', 'fire-burner' => 'electric ring'] as $question => $answer) {
            $before = $counter->text('ticket');
            $counter->select($question, $answer)->changed($before);
        }
        $before = $counter->text('ticket');
        $counter->type('thin', '8')->changed($before);
        self::assertStringContainsString('end is ready', $counter->text('ticket'));
        self::assertStringContainsString('falls to', $counter->text('ticket'));
        $counter->type('thin', 'thin');
        $counter->complains('not a number');
        self::assertSame('thin', $counter->value('thin'));

        $counter->chooseCut('rib eye', 'Rib-eye steak');
        self::assertSame('patted dry', $counter->text('surface'), 'the next piece is dry again');

        $counter->choose('method', 'Grill');
        $medium = (int) $counter->text('time');
        $before = $counter->text('ticket');
        $counter->select('fire-level', 'gentle: hand 7 s')->changed($before);
        self::assertSame('170', $counter->value('heat'), 'gentle embers have their own usual heat');
        self::assertGreaterThan($medium, (int) $counter->text('time'));
    }

    private function byHand(string $name = 'maret', string $password = 'tideline-47'): CounterPage
    {
        return $this->counter($name, $password)->byHand();
    }
}
