<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\TestCase;
use Smalot\PdfParser\Parser;

/** What every journey has: the application of its class, a fresh browser for each test, and the few steps they share. */
abstract class JourneyCase extends TestCase
{
    protected static Application $application;

    protected Chromium $chromium;

    public static function setUpBeforeClass(): void
    {
        self::$application = Application::start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$application->stop();
    }

    protected function setUp(): void
    {
        $this->chromium = Chromium::open();
    }

    protected function tearDown(): void
    {
        $this->chromium->close();
    }

    protected function counter(string $name = 'maret', string $password = 'tideline-47'): CounterPage
    {
        return CounterPage::signIn($this->chromium->driver, self::$application->url, $name, $password);
    }

    protected function open(string $path): void
    {
        $this->chromium->driver->get(self::$application->url.$path);
    }

    protected function click(string $testId, string $xpath): void
    {
        CounterPage::at($this->chromium->driver, self::$application->url)
            ->waitFor($testId)
            ->findElement(WebDriverBy::xpath($xpath))
            ->click();
    }

    /** @param  callable(): bool  $until */
    protected function waits(callable $until): void
    {
        $this->chromium->driver->wait(15, 50)->until($until);
    }

    /** The words of a PDF, on one line. */
    protected function card(?string $href): string
    {
        $pdf = $this->chromium->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'.
            'fetch(arguments[0]).then(async (r) => done(btoa(String.fromCharCode(...new Uint8Array(await r.arrayBuffer())))))',
            [$href],
        );

        return self::plain((new Parser())->parseContent((string) base64_decode((string) $pdf, true))->getText());
    }

    protected static function plain(string $text): string
    {
        return (string) preg_replace('/\s+/u', ' ', $text);
    }
}
