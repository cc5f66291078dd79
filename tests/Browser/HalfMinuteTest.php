<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** The half minute a customer gets: from the ask as it is said to the card in the hand, and what it leaves behind in the case. */
final class HalfMinuteTest extends JourneyCase
{
    public function test_from_sign_in_to_the_printed_card(): void
    {
        $counter = $this->counter()->say('3 lamb rump mr iron+oven tomorrow 19:30, one well no mustrd');
        self::assertStringContainsString('mustrd', $counter->text('marked'));
        $this->click('marked', './/button'); // mustard?
        $counter->settled()->waitForText('pieces', 'no mustard');

        self::assertStringContainsString('Lamb rump, cap on', $counter->matches()[0]);
        self::assertStringContainsString('medium rare', $counter->text('pieces'));
        self::assertStringContainsString('€', $counter->text('price'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $counter->part('read-safety.below_minimum_held A')->click();
        $counter->type('sold', '6oo');
        $counter->complains('“6oo” is not a number');
        self::assertFalse($counter->part('give')->isEnabled(), 'what was mistyped is not sold as planned');
        $counter->type('sold', '600');
        $counter->isFor('Runa');
        $counter->part('give')->click();
        $counter->waitFor('given');
        $card = $this->card(
            $counter->part('given')->findElement(WebDriverBy::xpath('.//a[contains(@href, "card.pdf")]'))->getAttribute('href'),
        );
        foreach (['Runa', 'Lamb rump, cap on', 'no mustard', '€', 'Piece B goes on', 'Piece B comes off at', 'When to sear'] as $words) {
            self::assertStringContainsString($words, $card);
        }

        $this->open('/case');
        $row = $counter->waitFor('lots')->findElement(WebDriverBy::xpath(".//tr[contains(., 'L-027')]"));
        self::assertStringContainsString('1.1 kg', $row->getText()); // 1,704 g less 600
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_the_keyboard_alone_goes_from_the_line_to_the_card(): void
    {
        $counter = $this->counter();
        $keys = $this->chromium->driver->getKeyboard();
        $counter->part('units')->sendKeys(WebDriverKeys::TAB); // somewhere that is no field
        $keys->sendKeys('/');
        $keys->sendKeys('2 salm');
        $counter->waitForText('ask-offers', 'salmon loin');
        $keys->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $keys->sendKeys('2 salmon pan');
        $counter->waitForText('ticket', 'Salmon loin');
        $keys->sendKeys(WebDriverKeys::ENTER); // out of the line
        $counter->settled();
        $keys->sendKeys('2');
        $before = $counter->text('ticket');
        $keys->sendKeys('1');
        $counter->settled();
        self::assertNotSame('', $before);
        foreach ($this->chromium->driver->findElements(WebDriverBy::cssSelector('[data-testid^="read-"]')) as $ignored) {
            $counter->press(WebDriverKeys::TAB, 'read-')->press(WebDriverKeys::SPACE);
        }
        $keys->sendKeys('p');
        self::assertStringContainsString('is given', $counter->waitFor('given')->getText());
        $keys->sendKeys('n');
        self::assertSame('', $counter->value('ask-line'));
    }

    public function test_touch_alone_makes_the_ask_and_the_line_follows(): void
    {
        $counter = $this->counter();
        foreach ([['fire', 'fires-said', 'grill'], ['wish', 'wants', 'cheap']] as [$part, $group, $words]) {
            $counter->open($part);
            $this->click($group, ".//label[normalize-space(.)='{$words}']");
            $counter->shut();
        }
        $counter->open('people')->part('more-people')->click();
        $counter->part('add-at-risk')->click();
        $counter->shut();
        $this->click('kinds', ".//button[normalize-space(.)='Pork']");
        $this->waits(fn (): bool => $counter->value('ask-line') === 'pork grill cheap, 2 usual, 1 at risk');
        $this->waits(fn (): bool => str_contains($counter->matches()[0] ?? '', 'Pork'));
        $counter->open('meat');
        $this->click('said', './/button'); // and any meat again
        $this->waits(fn (): bool => $counter->value('ask-line') === 'grill cheap, 2 usual, 1 at risk');

        self::assertNotSame([], $counter->matches());
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_what_cannot_be_had_says_what_would_have_to_give_and_gives_it_at_a_tap(): void
    {
        $counter = $this->counter()->say('2 rib eye mr pan budget 3');
        self::assertStringContainsString('over the budget', $counter->text('refusals'));
        self::assertFalse($counter->has('ticket'), 'a ticket of before does not belong to this ask');
        $counter->part('relax-budget')->click();
        $this->waits(static fn (): bool => $counter->matches() !== []);
        $counter->settled();
        self::assertStringContainsString('Rib-eye steak', $counter->matches()[0]);
        self::assertStringContainsString('budget 16.74', $counter->value('ask-line'));

        $counter->part('why-not')->click();
        $counter->type('why-find', 'goose breast');
        $counter->waitFor('why-cut')->click();
        self::assertStringContainsString('can be ordered', $counter->waitFor('why-answer')->getText());
    }

    public function test_the_head_butcher_takes_in_throws_away_and_writes_the_house_rules(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $this->open('/case');
        $counter->waitFor('add-lot')->click();
        $counter->type('lot-cut', 'beef cheek');
        $counter->waitFor('lot-cut-offer')->click();
        foreach (['number' => 'R-900', 'weight_g' => '2300', 'price_per_kg' => 'much'] as $field => $text) {
            $counter->type("lot-{$field}", $text);
        }
        $counter->part('lot-save')->click();
        $counter->complains('Price a kilo cannot be “much”');
        self::assertSame('R-900', $counter->value('lot-number'), 'what was typed stays');
        $counter->type('lot-price_per_kg', '14,50');
        $counter->part('lot-save')->click();
        $counter->type('find-lot', 'R-900');
        $this->waits(fn (): bool => $counter->has('lot') && str_contains($counter->text('lots'), '2.3 kg'));
        $counter->part('lot-do')->click();
        $counter->part('move-thrown_away')->click();
        $counter->type('move-grams', '300');
        $counter->type('move-reason', 'trimmed off');
        $counter->part('move-now')->click();
        $counter->waitForText('moves', 'trimmed off');
        $this->waits(fn (): bool => str_contains($counter->text('lots'), '2 kg'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $this->open('/house');
        $counter->waitFor('difference-turning')->click();
        $this->waits(fn (): bool => substr_count($counter->text('comes-turning'), 'medium rare') === 2);
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $counter->part('house-safety')->click();
        $counter->type('minimum-minced', '60');
        $counter->part('save-minimums')->click();
        $counter->complains('never less strict');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }
}
