<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\CounterPage;
use Tests\Browser\Support\JourneyCase;

/** A meal of two dishes on one ticket, and a second customer who waits meanwhile. */
final class SeveralDishesTest extends JourneyCase
{
    public function test_two_dishes_of_two_lots_are_given_opened_and_taken_back_as_one(): void
    {
        $counter = $this->counter()->say('4 lamb rump mr iron+oven')->settled();
        $counter->readAll()->waitFor('aside')->click();
        self::assertStringContainsString('Lamb rump', $counter->waitFor('dishes')->getText());
        $counter->settled();
        self::assertSame('for 4 iron+oven', $counter->value('ask-line'), 'the same people and the same fire');

        $counter->say('4 pork tenderloin oven')->settled();
        self::assertStringContainsString('2 dishes', $counter->text('give'));
        $counter->readAll();
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $counter->part('give')->click();
        $counter->waitFor('open-given')->click();
        $counter->waitFor('ticket-number');
        self::assertCount(2, $this->chromium->driver->findElements(WebDriverBy::cssSelector('[data-testid="ticket"]')));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $card = $this->card($counter->part('card-link')->getAttribute('href'));
        foreach (['Lamb rump', 'Pork tenderloin', '1 / 2', '2 / 2'] as $words) {
            self::assertStringContainsString($words, $card);
        }

        $before = $this->left('L-027');
        $this->open('/counter');
        $counter->waitFor('take-back')->click();
        $counter->waitFor('taken-back');
        self::assertNotSame($before, $this->left('L-027'), 'the meat is back');
    }

    public function test_each_customer_has_an_ask_of_their_own_and_the_next_is_the_one_who_waits(): void
    {
        $counter = $this->counter()->say('3 lamb rump mr')->settled();
        $counter->part('another-customer')->click();
        $counter->say('2 salmon pan')->settled();
        $names = fn (): array => array_map(
            static fn (WebDriverElement $tab): string => $tab->getText(),
            $this->chromium->driver->findElements(WebDriverBy::cssSelector('[data-testid="customer-tab"]')),
        );
        self::assertSame(['3 lamb rump mr', '2 salmon pan'], $names());
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $this->chromium->driver->findElement(WebDriverBy::cssSelector('[data-testid="customer-tab"]'))->click();
        $counter->waitForText('ticket', 'Lamb rump')->settled();
        self::assertSame('3 lamb rump mr', $counter->value('ask-line'));
        $this->chromium->driver->navigate()->refresh();
        $counter->waitForText('ticket', 'Lamb rump');
        self::assertCount(2, $names(), 'also over a reload');

        $counter->part('new-ask')->click();
        $this->waits(fn (): bool => $counter->value('ask-line') === '2 salmon pan');
        self::assertSame([], $names());
    }

    private function left(string $lot): string
    {
        $this->open('/case');
        $counter = CounterPage::at($this->chromium->driver, self::$application->url);

        return $counter->waitFor('lots')->findElement(WebDriverBy::xpath(".//tr[contains(., '{$lot}')]"))->getText();
    }
}
