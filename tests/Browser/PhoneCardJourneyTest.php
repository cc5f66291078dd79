<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\CounterPage;
use Tests\Browser\Support\JourneyCase;

/** From the ticket to the phone in somebody else's kitchen. */
final class PhoneCardJourneyTest extends JourneyCase
{
    public function test_the_card_is_cooked_from_on_a_phone_that_lost_its_connection(): void
    {
        $address = $this->address($this->ticket());
        $driver = $this->chromium->driver;
        $driver->manage()->deleteAllCookies(); // as somebody who is signed in nowhere
        $this->phone($address);
        self::assertSame([], Axe::seriousFindings($driver));
        self::assertLessThanOrEqual(
            360,
            $driver->executeScript('return document.documentElement.scrollWidth'),
            'nothing runs off the side',
        );

        $this->offline(true);
        self::assertSame('0', $this->stepAtHand());
        $this->inSight('label[for="step-1-0"]')->click();
        self::assertSame('1', $this->stepAtHand(), 'what is done is done: the next one is shown');
        $walk = fn (string $which) => $driver->findElement(WebDriverBy::cssSelector(".walk {$which}"));
        $walk('button:last-child')->click();
        self::assertCount(
            1,
            array_filter($driver->findElements(WebDriverBy::tagName('li')), static fn ($li): bool => $li->isDisplayed()),
        );
        self::assertMatchesRegularExpression('/^Step 2 of \d+$/', $walk('p')->getText());
        $walk('button.due')->click();
        self::assertSame('2', $this->stepAtHand());
        $walk('button:first-of-type')->click();
        self::assertSame('1', $this->stepAtHand());
        $driver->findElement(WebDriverBy::xpath("//summary[contains(., 'If it goes wrong')]"))->click();
        self::assertStringContainsString('Believe the probe', $driver->findElement(WebDriverBy::tagName('main'))->getText());
        $walk('button:last-child')->click();
        $timer = $this->inSight('li button');
        $offered = $timer->getText();
        $timer->click();
        $this->waits(static fn (): bool => preg_match('/^(\d+:)?\d+:\d\d$/', $timer->getText()) === 1);
        $timer->click();
        self::assertSame($offered, $timer->getText(), 'a timer started by mistake is stopped by the same hand');
        $this->offline(false);
    }

    public function test_without_script_the_card_reads_the_same(): void
    {
        $address = $this->address($this->ticket());
        $this->phone($address);
        $read = fn (): string => $this->chromium->driver->findElement(WebDriverBy::tagName('main'))->getText();
        $withScript = $read();
        $timers = array_map(
            static fn ($button): string => $button->getText(),
            $this->chromium->driver->findElements(WebDriverBy::cssSelector('li button')),
        );
        $this->command('Emulation.setScriptExecutionDisabled', ['value' => true]);
        $this->chromium->driver->get($address);

        self::assertNotSame([], $timers);
        self::assertSame(str_replace(array_map(static fn (string $timer): string => "\n{$timer}", $timers), '', $withScript), $read());
        $this->command('Emulation.setScriptExecutionDisabled', ['value' => false]);
    }

    public function test_the_shop_shows_renews_and_ends_the_address(): void
    {
        $counter = $this->ticket();
        $first = $this->address($counter);
        $counter->part('show-code')->click();
        $code = $counter->waitFor('phone-link')->findElement(WebDriverBy::tagName('img'));
        $this->waits(fn (): bool => $this->chromium->driver->executeScript('return arguments[0].naturalWidth', [$code]) > 0);
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $counter->part('renew-link')->click();
        $this->waits(fn (): bool => $this->address($counter) !== $first);
        $second = $this->address($counter);
        $counter->part('end-link')->click();
        $counter->waitForText('phone-link', 'opens on no phone');
        foreach ([$first, $second] as $ended) {
            $this->phone($ended);
            self::assertSame('This card is not here', $this->chromium->driver->findElement(WebDriverBy::tagName('h1'))->getText());
        }
    }

    public function test_the_card_goes_home_in_the_customers_language_and_opens_again_without_a_signal(): void
    {
        $counter = $this->ticket();
        $address = $this->address($counter);
        $counter->select('card-language', 'Nederlands');
        $this->waits(fn (): bool => str_contains((string) $counter->part('card-link')->getAttribute('href'), 'language=nl'));
        $this->phone($address);
        $read = fn (): string => $this->chromium->driver->findElement(WebDriverBy::tagName('body'))->getText();
        self::assertStringContainsString('Lamsbiefstuk met vetkap', $read());
        self::assertStringContainsString('Snijden en opdienen', $read());
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $this->chromium->driver->executeAsyncScript(
            'const done = arguments[0]; navigator.serviceWorker.ready.then(() => setTimeout(done, 300))',
        );
        $this->chromium->driver->get($address); // kept as it is opened the second time

        $this->offline(true);
        $this->chromium->driver->get($address);
        self::assertStringContainsString('Lamsbiefstuk met vetkap', $read());
        $this->offline(false);
        $this->chromium->driver->findElement(WebDriverBy::linkText('Español'))->click();
        $this->waits(static fn (): bool => str_contains($read(), 'Cortar y servir'));
        $this->inSight('button[value=tough]')->click();
        $this->waits(static fn (): bool => str_contains($read(), 'Gracias'));
    }

    /** The page of a ticket just given. */
    private function ticket(): CounterPage
    {
        $counter = $this->counter()->byHand()->chooseCut('lamb rump', 'Lamb rump, cap on')->choose('method', 'Sear, then oven');
        $counter->part('read-safety.below_minimum_held')->click();
        $counter->part('give')->click();
        $counter->waitFor('given');
        $counter->part('open-given')->click();
        $counter->waitFor('phone-link');

        return $counter;
    }

    /** Clear of the bar at the foot. */
    private function inSight(string $selector): RemoteWebElement
    {
        $found = $this->chromium->driver->findElement(WebDriverBy::cssSelector($selector));
        $this->chromium->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$found]);

        return $found;
    }

    private function address(CounterPage $counter): string
    {
        return (string) $counter->part('phone-url')->getAttribute('href');
    }

    private function phone(string $address): void
    {
        $this->chromium->viewport(360, 760);
        $this->chromium->driver->get($address);
    }

    private function stepAtHand(): string
    {
        return (string) $this->chromium->driver->executeScript(
            'return String([...document.querySelectorAll("section:first-of-type li")].findIndex((li) => li.ariaCurrent === "step"))',
        );
    }

    private function offline(bool $isOffline): void
    {
        $this->command('Network.enable', []);
        $this->command('Network.emulateNetworkConditions', [
            'offline' => $isOffline,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }

    /** @param  array<string, mixed>  $params */
    private function command(string $name, array $params): void
    {
        $this->chromium->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => $name,
            'params' => (object) $params,
        ]);
    }
}
