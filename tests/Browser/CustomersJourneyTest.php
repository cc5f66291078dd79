<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** Somebody who comes again: known by name at the counter, served with their own kitchen, and forgotten when they want it. */
final class CustomersJourneyTest extends JourneyCase
{
    public function test_a_customer_is_kept_served_and_forgotten(): void
    {
        $counter = $this->counter();
        $this->open('/customers');
        $counter->waitFor('find-customer');
        $counter->type('find-customer', 'Oddny');
        $counter->waitFor('add-customer')->click();
        $counter->waitFor('customer-appliances');
        foreach (['grill', 'pot'] as $kind) {
            $this->click('customer-appliances', ".//label[normalize-space(.)='{$kind}']");
            $this->waits(
                fn (): bool => str_contains($counter->text('customer-appliances'), $kind) &&
                    str_contains($counter->text('customer'), $kind),
            );
        }
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $counter->part('serve')->click();
        $this->waits(
            fn (): bool => $counter->has('heard-who') &&
                $counter->text('heard-who') === 'Oddny' &&
                str_contains($counter->value('ask-line'), 'pot'),
        );
        $counter->say('2 lamb shank braise tomorrow')->settled();
        $counter->part('give')->click();
        $counter->waitFor('given');

        $this->open('/customers');
        $counter->waitFor('find-customer');
        $counter->type('find-customer', 'Oddny');
        $this->waits(fn (): bool => substr_count($counter->text('customers'), 'ticket') === 1);
        $counter->part('customer')->findElement(WebDriverBy::xpath('.//button'))->click();
        $counter->waitFor('forget')->click();
        $counter->waitFor('sure')->click();
        $this->waits(fn (): bool => ! $counter->has('customer'));
        $this->open('/tickets');
        self::assertStringNotContainsString('Oddny', $counter->waitFor('tickets')->getText());
    }

    public function test_the_price_board_shows_what_there_is_in_the_customers_units(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $this->open('/case/board');
        $counter->waitForText('board', 'Lamb rump, cap on');
        self::assertStringContainsString('€28.40', $counter->text('board'));
        self::assertStringNotContainsString('Goose breast', $counter->text('board'), 'what has to be ordered is not there');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $this->open('/counter');
        $counter->part('units')->click();
        $this->open('/case/board');
        $counter->waitForText('board', '€12.88'); // 28.40 × 0.45359237
        self::assertStringContainsString('Prices a pound', $counter->text('board'));
    }

    public function test_the_head_butcher_takes_somebody_on_and_the_margin_prices_a_lot(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $this->open('/house');
        $counter->waitFor('house-staff')->click();
        foreach (['staff-name' => 'Tove', 'staff-sign-in' => 'tove', 'staff-password' => 'short'] as $field => $text) {
            $counter->waitFor($field);
            $counter->type($field, $text);
        }
        $counter->part('staff-add')->click();
        $counter->complains('at least 12');
        $counter->type('staff-password', 'long-enough-4');
        $counter->part('staff-add')->click();
        $counter->waitForText('staff', 'Tove');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $counter->part('house-figures')->click();
        $counter->waitFor('margin');
        $counter->type('margin', '32');
        $counter->part('save-figures')->click();
        $this->waits(fn (): bool => ($this->house()['rules']['margin_pct'] ?? null) === 32);
        $this->open('/case');
        $counter->waitFor('add-lot')->click();
        $counter->waitFor('lot-cost');
        $counter->type('lot-cost', '17');
        $this->click('lot-form', './/label[@for="lot-origin"]'); // anywhere else
        $this->waits(fn (): bool => $counter->value('lot-price_per_kg') === '25.00'); // 17 / 0.68
    }

    /** @return array<string, mixed> */
    private function house(): array
    {
        $house = $this->chromium->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'.
                'fetch("/api/v1/house", { headers: { Accept: "application/json" } }).then(async (r) => done(await r.json()))',
        );

        return is_array($house) ? $house : [];
    }
}
