<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;

/** The cut atlas as somebody reads it. Verbs and readings; what they should be is for the test to say. */
final readonly class AtlasPage
{
    private function __construct(private RemoteWebDriver $browser, private string $url, private CounterPage $parts) {}

    public static function open(RemoteWebDriver $browser, string $url, string $name, string $password): self
    {
        $page = self::at($browser, $url);
        $page
            ->goTo('/atlas')
            ->fill('[data-testid="sign-in-name"]', $name)
            ->fill('[data-testid="password"]', $password)
            ->click('[data-testid="sign-in"]')
            ->element('[data-testid="sign-out"]');

        return $page->goTo('/atlas');
    }

    public static function at(RemoteWebDriver $browser, string $url): self
    {
        return new self($browser, $url, CounterPage::at($browser, $url));
    }

    public function goTo(string $path): self
    {
        $this->browser->get($this->url.$path);

        return $this;
    }

    /** Types a name and waits until the list begins with what is expected of it. */
    public function find(string $name, string $first): self
    {
        $this->parts->type('atlas-find', $name);
        $this->browser->wait(10, 50)->until(fn (): bool => str_starts_with($this->textOf('[data-testid="cuts-found"]'), $first));

        return $this;
    }

    public function click(string $css): self
    {
        $this->element($css)->click();

        return $this;
    }

    /** Puts words into a field in place of what is there. */
    public function fill(string $css, string $words): self
    {
        $this->element($css)->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $this->element($css)->sendKeys($words);

        return $this;
    }

    public function select(string $testId, string $words): self
    {
        $this->parts->select($testId, $words);

        return $this;
    }

    public function upload(string $testId, string $name, string $text): self
    {
        $folder = sys_get_temp_dir().'/nessmark-upload-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents("{$folder}/{$name}", $text);
        $field = WebDriverBy::cssSelector("[data-testid='{$testId}']");
        $this->browser->wait(10, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated($field));
        $this->browser->findElement($field)->sendKeys("{$folder}/{$name}");

        return $this;
    }

    /** Waits until a part of the page has these words, and gives all of its text. */
    public function reads(string $css, string $words): string
    {
        $this->browser->wait(10, 50)->until(fn (): bool => str_contains($this->textOf($css), $words));

        return $this->textOf($css);
    }

    /** Waits until the tab says where this is. */
    public function isTitled(string $words): self
    {
        $this->browser->wait(10, 50)->until(fn (): bool => str_contains($this->browser->getTitle(), $words));

        return $this;
    }

    public function count(string $css): int
    {
        return count($this->browser->findElements(WebDriverBy::cssSelector($css)));
    }

    private function element(string $css): WebDriverElement
    {
        return $this->browser
            ->wait(10, 50)
            ->until(
                fn () => array_values(
                    array_filter(
                        $this->browser->findElements(WebDriverBy::cssSelector($css)),
                        static fn (WebDriverElement $element): bool => $element->isDisplayed(),
                    ),
                )[0] ?? false,
            );
    }

    private function textOf(string $css): string
    {
        return $this->browser->findElements(WebDriverBy::cssSelector($css)) === []
            ? ''
            : (string) $this->browser->executeScript('return document.querySelector(arguments[0])?.innerText ?? ""', [$css]);
    }
}
