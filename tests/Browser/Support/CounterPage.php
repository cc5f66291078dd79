<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverExpectedCondition as Until;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

/** The counter as an advisor handles it. Verbs and readings; what they should be is for the test to say. */
final readonly class CounterPage
{
    private function __construct(private RemoteWebDriver $browser, private string $url) {}

    public static function signIn(RemoteWebDriver $browser, string $url, string $name, string $password): self
    {
        $browser->get("{$url}/counter");
        $page = new self($browser, $url);
        $page->part('sign-in-name')->sendKeys($name);
        $page->part('password')->sendKeys($password);
        $page->part('sign-in')->click();
        $page->part('ask-line');

        return $page;
    }

    /** Opens the column where a piece is picked and adjusted by hand; it stays open over a reload. */
    public function byHand(): self
    {
        $this->part('tab-piece')->click();
        $this->waitFor('thickness');

        return $this;
    }

    public static function at(RemoteWebDriver $browser, string $url): self
    {
        return new self($browser, $url);
    }

    /** Loads the page afresh, as after a lost connection. */
    public function reloaded(): self
    {
        $this->browser->get("{$this->url}/counter");
        $this->part('thickness');

        return $this;
    }

    /**
     * Changes what the device remembers of the piece, as an older visit might have left it.
     *
     * @param  array<string, mixed>  $hand  in the words of an ask
     */
    public function remember(array $hand): self
    {
        $this->browser->executeScript(
            'const kept = JSON.parse(sessionStorage.getItem("nessmark.draft.asks"));'.
            'Object.assign(kept.list[kept.at], { hand: arguments[0], choice: null, texts: {}, tab: "piece" });'.
            'sessionStorage.setItem("nessmark.draft.asks", JSON.stringify(kept))',
            [$hand],
        );

        return $this;
    }

    /** Puts an hour into the clock; its keys depend on the browser's language. */
    public function eatsAt(string $clock): self
    {
        $this->open('when');
        $this->browser->executeScript(
            'const field = document.querySelector("[data-testid=eat-at]");'.
            'field.value = arguments[0]; field.dispatchEvent(new Event("input", { bubbles: true }))',
            [$clock],
        );

        return $this->shut();
    }

    /** Types a whole ask and waits until it is matched. */
    public function say(string $line): self
    {
        $before = $this->onShow();
        $this->type('ask-line', $line);
        $this->browser
            ->wait(15, 50)
            ->until(fn (): bool => $this->part('matches')->getAttribute('aria-busy') === 'false' && $this->onShow() !== $before);

        return $this;
    }

    /** Opens the choices behind a part of the sentence. */
    public function open(string $part): self
    {
        $this->part("heard-{$part}")->click();
        $this->waitFor('heard-panel');

        return $this;
    }

    /** Closes what a part of the sentence opened. */
    public function shut(): self
    {
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $this->browser->wait(10, 50)->until(Until::invisibilityOfElementLocated(self::by('heard-panel')));

        return $this;
    }

    public function isFor(string $name): self
    {
        $this->open('who')->part('label')->sendKeys($name);

        return $this->shut();
    }

    private function onShow(): string
    {
        return implode(' ', array_map(fn (string $part): string => $this->has($part) ? $this->text($part) : '', ['match-head', 'ticket']));
    }

    /** Ticks every caution on show as read out. */
    public function readAll(): self
    {
        foreach ($this->browser->findElements(WebDriverBy::cssSelector('[data-testid^="read-"]')) as $box) {
            $box->click();
        }

        return $this;
    }

    /** @return list<string> the text of each match on show, the best first */
    public function matches(): array
    {
        return array_map(
            static fn (WebDriverElement $match): string => $match->getText(),
            $this->browser->findElements(self::by('match')),
        );
    }

    /** Presses one key; with a part named, again and again until the focus is inside it (a prefix of its test id will do). */
    public function press(string $key, ?string $untilIn = null): self
    {
        for ($i = 0; $i < 80; $i++) {
            $this->browser->getKeyboard()->sendKeys($key);
            if (
                $untilIn === null ||
                $this->browser->executeScript('return document.activeElement.closest(`[data-testid^="${arguments[0]}"]`) !== null', [
                    $untilIn,
                ]) === true
            ) {
                return $this;
            }
        }
        throw new RuntimeException("The focus never reaches {$untilIn}.");
    }

    /** Waits until a complaint with these words is on the page. */
    public function complains(string $words): self
    {
        $this->browser
            ->wait(10, 50)
            ->until(
                fn (): bool => array_filter(
                    $this->browser->findElements(WebDriverBy::cssSelector('.wrong, [data-testid="problem"]')),
                    static fn (WebDriverElement $element): bool => str_contains($element->getText(), $words),
                ) !== [],
            );

        return $this;
    }

    public function waitForText(string $testId, string $words): self
    {
        $this->browser->wait(10, 50)->until(Until::elementTextContains(self::by($testId), $words));

        return $this;
    }

    /** Looks a cut up by a name and taps it. */
    public function chooseCut(string $find, string $words): self
    {
        $this->type('find-cut', $find);
        $this->browser
            ->wait(10, 50)
            ->until(
                fn (): bool => $this->part('cuts')->findElements(
                    WebDriverBy::xpath(".//label[contains(normalize-space(.), '{$words}')]"),
                ) !== [],
            );

        return $this->choose('cuts', $words);
    }

    /** Taps a choice by the words on it, inside one group of choices. */
    public function choose(string $group, string $words): self
    {
        $before = $this->has('ticket') ? $this->part('ticket')->getText() : '';
        $this->part($group)->findElement(WebDriverBy::xpath(".//label[contains(normalize-space(.), '{$words}')]"))->click();
        $this->browser->wait(10, 50)->until(fn (): bool => $this->isSettled() && $this->part('ticket')->getText() !== $before);

        return $this;
    }

    public function type(string $field, string $text): self
    {
        $this->part($field)->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $this->part($field)->sendKeys($text === '' ? WebDriverKeys::BACKSPACE : $text);

        return $this;
    }

    /** Answers a question about the fire or the surface, by the words of the answer. */
    public function select(string $question, string $answer): self
    {
        $this->part($question)->click();
        $option = WebDriverBy::xpath("//li[@role='option' and contains(normalize-space(.), '{$answer}')]");
        $this->browser->wait(10, 50)->until(Until::elementToBeClickable($option))->click();
        $this->browser->wait(10, 50)->until(Until::invisibilityOfElementLocated($option));

        return $this;
    }

    /** Waits until the ticket on show is another one than before, and settled. */
    public function changed(string $before): self
    {
        $this->browser->wait(15, 50)->until(fn (): bool => $this->isSettled() && $this->part('ticket')->getText() !== $before);

        return $this;
    }

    /** Waits until the ticket on show is the one for what is put in. */
    public function settled(): self
    {
        $this->browser->wait(15, 50)->until(fn (): bool => $this->isSettled());

        return $this;
    }

    public function waitFor(string $testId): WebDriverElement
    {
        return $this->browser->wait(15, 50)->until(Until::visibilityOfElementLocated(self::by($testId)));
    }

    public function text(string $testId): string
    {
        return $this->browser->wait(10, 50)->until(fn (): array => [$this->part($testId)->getText()])[0];
    }

    public function value(string $testId): string
    {
        return (string) $this->part($testId)->getAttribute('value');
    }

    public function has(string $testId): bool
    {
        return $this->browser->findElements(self::by($testId)) !== [];
    }

    public function part(string $testId): WebDriverElement
    {
        return $this->browser->wait(15, 50)->until(Until::presenceOfElementLocated(self::by($testId)));
    }

    private function isSettled(): bool
    {
        $tickets = $this->browser->findElements(self::by('ticket'));

        return $tickets !== [] && ! str_contains((string) $tickets[0]->getAttribute('class'), 'stale');
    }

    private static function by(string $testId): WebDriverBy
    {
        return WebDriverBy::cssSelector("[data-testid='{$testId}']");
    }
}
