<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** Nothing is given that was not said, twice, or behind the advisor's back. */
final class NothingUnsaidTest extends JourneyCase
{
    public function test_a_server_that_is_away_while_somebody_types_locks_the_ticket_until_the_line_is_read(): void
    {
        $counter = $this->counter()->say('2 lamb rump well iron+oven');
        self::assertTrue($counter->settled()->part('give')->isEnabled());
        $this->away(true);
        $counter->type('ask-line', '2 lamb rump well iron+oven no mustard, one pregnant');
        $counter->waitFor('outage');
        $counter->waitForText('lock', 'does not answer');
        self::assertFalse($counter->part('give')->isEnabled());
        self::assertSame([], Axe::seriousFindings($this->chromium->driver), 'also while the ticket is stale');

        $this->away(false);
        $counter->waitForText('pieces', 'no mustard')->settled(); // it goes on by itself
        self::assertFalse($counter->has('outage'));
        self::assertStringContainsString('mustard', $counter->value('ask-line'));
    }

    public function test_a_word_nobody_understood_stands_before_the_button_and_stays_through_tapping_and_a_reload(): void
    {
        $counter = $this->counter()->say('2 lamb rump well iron+oven zwiebacken');
        $counter->waitForText('lock', 'zwiebacken');
        self::assertFalse($counter->part('give')->isEnabled());
        $counter->open('people')->part('more-people')->click();
        $counter->shut();
        $this->waits(fn (): bool => str_starts_with($counter->value('ask-line'), 'for 3'));
        self::assertStringContainsString('zwiebacken', $counter->value('ask-line'));
        $this->chromium->driver->navigate()->refresh();
        $counter->waitForText('lock', 'zwiebacken');

        $counter->part('confirm-word')->click();
        $counter->settled();
        $this->waits(fn (): bool => $counter->part('give')->isEnabled());
    }

    public function test_a_cut_picked_goes_before_a_meat_named_earlier_and_a_meat_named_later_before_the_cut(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88')->say('3 lamb rump mr')->settled(); // a name signs in five times a minute at most
        $counter->byHand()->chooseCut('duck breast', 'Duck breast')->settled();
        self::assertStringContainsString('Duck breast', $counter->text('ticket'));
        self::assertSame('for 3 mr', $counter->value('ask-line'), 'the lamb is said no more');

        $counter->type('ask-line', '3 salmon pan');
        $counter->waitForText('ticket', 'Salmon loin')->settled();
        self::assertStringContainsString('firm', $counter->open('done')->text('doneness'), 'in the words of the fish');
        $counter->shut();
        self::assertTrue($counter->readAll()->part('give')->isEnabled());
    }

    public function test_a_double_press_gives_once_the_confirmation_stays_and_the_ticket_can_be_taken_back(): void
    {
        $counter = $this->counter()->say('2 pork tenderloin oven');
        $counter->settled();
        $counter->readAll();
        $this->chromium->driver->executeScript(
            'const button = document.querySelector("[data-testid=give]"); button.click(); button.click()',
        );
        $given = $counter->waitFor('given')->getText();
        $this->open('/tickets');
        $before = count($counter->waitFor('tickets')->findElements(WebDriverBy::cssSelector('tbody tr')));
        $this->open('/counter');
        self::assertSame($given, $counter->waitFor('given')->getText(), 'it stays, also over a reload');
        self::assertFalse($counter->has('give'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $counter->part('take-back')->click();
        self::assertStringContainsString('taken back', $counter->waitFor('taken-back')->getText());
        $counter->settled()->readAll();
        $this->waits(fn (): bool => $counter->part('give')->isEnabled());
        $counter->part('give')->click();
        self::assertNotSame($given, $counter->waitFor('given')->getText(), 'a ticket of its own');
        $this->open('/tickets');
        self::assertCount($before + 1, $counter->waitFor('tickets')->findElements(WebDriverBy::cssSelector('tbody tr')));
        self::assertStringContainsString('taken back', $counter->text('tickets'));

        $this->open('/counter');
        $counter->waitFor('next')->click();
        $this->waits(fn (): bool => ! str_contains($counter->value('ask-line'), 'pork') && ! $counter->has('given'));
    }

    public function test_each_tab_has_its_own_draft_and_signing_out_clears_it(): void
    {
        $counter = $this->counter()->say('2 lamb rump well iron+oven');
        $driver = $this->chromium->driver;
        $driver->switchTo()->newWindow();
        $this->open('/counter');
        $counter->waitFor('ask-line');
        self::assertStringNotContainsString('lamb', $counter->value('ask-line'));
        $counter->part('sign-out')->click();
        $counter->waitFor('sign-in');

        $driver->switchTo()->window($driver->getWindowHandles()[0]);
        $driver->navigate()->refresh(); // signed out elsewhere: to sign-in and back to the same ask
        $counter->waitFor('sign-in-name')->sendKeys('maret');
        $counter->part('password')->sendKeys('tideline-47');
        $counter->part('sign-in')->click();
        $this->waits(fn (): bool => $counter->has('ask-line') && str_contains($counter->value('ask-line'), 'lamb rump'));
        $counter->part('sign-out')->click();
        $counter->waitFor('sign-in');
        self::assertSame(
            0,
            $driver->executeScript('return Object.keys(sessionStorage).filter((key) => key.startsWith("nessmark.draft.")).length'),
        );
    }

    public function test_a_key_pressed_in_a_dropdown_is_no_shortcut(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88')->say('2 lamb rump well iron')->byHand();
        $select = $this->chromium->driver->findElement(WebDriverBy::cssSelector('[data-testid^="fire-"] [role=combobox]'));
        $select->sendKeys('n');
        $counter->settled();
        self::assertStringContainsString('lamb rump', $counter->value('ask-line'));
        $this->chromium->driver->findElement(WebDriverBy::cssSelector('h2'))->click();
        $counter->press(WebDriverKeys::ESCAPE)->press('n');
        $this->waits(fn (): bool => ! str_contains($counter->value('ask-line'), 'lamb'));
    }

    /** As if the wire were pulled: every request of the page fails until it is back. */
    private function away(bool $isAway): void
    {
        $tools = new ChromeDevToolsDriver($this->chromium->driver);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', [
            'offline' => $isAway,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }
}
