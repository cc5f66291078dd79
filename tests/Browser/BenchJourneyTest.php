<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** From the piece on the board to the label on it, and what the bench works out: plans, minces, prices, and where a lot went. */
final class BenchJourneyTest extends JourneyCase
{
    /** Whatever the test before left lying on the scale. */
    protected function setUp(): void
    {
        parent::setUp();
        self::$application->scale->hand('take');
    }

    public function test_every_ticket_has_its_bench_order(): void
    {
        $counter = $this->counter();
        $counter->say('rump cap steak grill for 2')->settled();
        $this->chromium->driver->executeScript('document.querySelector("[data-testid=bench] summary").click()');
        $counter->waitFor('bench-steps');

        self::assertStringContainsString('Trim the cap', $counter->text('bench-steps'));
        self::assertStringContainsString('38 mm thick', $counter->text('bench-steps'));
        self::assertStringContainsString('fingers curled back', $counter->text('bench'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_a_mince_is_blended_and_what_cannot_be_says_the_nearest(): void
    {
        $counter = $this->counter('bero', 'bonesaw-31');
        $this->open('/bench/mince');
        $counter->waitFor('mince-lot-0');
        $counter->select('mince-lot-0', 'R-121');
        $counter->part('mince-add')->click();
        $counter->waitFor('mince-lot-1');
        $counter->select('mince-lot-1', 'S-042')->type('mince-fat', '25');
        $counter->waitFor('mince');
        $counter->waitForText('mince', '1.44 kg in all');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $counter->type('mince-fat', '59');
        $counter->waitFor('mince-wrong');
        $counter->waitForText('mince-wrong', 'is the nearest');
    }

    /** Inspect, order, weigh, label, give: a skirt that is thin at one end. */
    public function test_a_piece_is_inspected_sent_to_the_bench_weighed_labelled_and_given(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $counter->say('outside skirt for 3 on the grill')->settled();
        $counter->byHand();
        $this->chromium->driver->executeScript('document.querySelector("[data-testid=inspect]").open = true');
        foreach (['10', '14', '18'] as $place => $mm) {
            $counter->type("point-{$place}", $mm);
        }
        $counter->type('cap', '4')->settled();
        $counter->waitForText('inspected', '14 mm on average, 8 mm between its ends');
        $counter->waitForText('inspected', 'Cut it in 3');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $counter->readAll()->waitFor('to-bench')->click();
        $counter->waitFor('at-bench')->click();
        $counter->waitFor('bench-order');
        $this->click('bench-order', '//button[@data-testid="bench-order"][contains(., "Outside skirt")][last()]');
        $counter->waitForText('steps', 'sections of like thickness');

        $counter->waitForText('scale-state', 'empty');
        $counter->type('put-g', '970')->part('put')->click();
        $counter->waitForText('scale-state', 'steady');
        $counter->part('weigh')->click();
        $counter->waitForText('weights', '970');
        $counter->part('take-off')->click();
        $counter->waitForText('scale-state', 'empty');
        $counter->type('put-g', '400')->part('put')->click();
        $counter->waitForText('scale-state', 'steady');
        $counter->part('weigh')->click();
        $counter->waitForText('bench-problem', 'are usual for this cut here');
        $counter->part('take-off')->click();
        $counter->waitForText('scale-state', 'empty');
        $counter->type('put-g', '820')->part('put')->click();
        $counter->waitForText('scale-state', 'steady');
        $counter->part('weigh')->click();
        $counter->waitForText('yield', '84.5 % is left');
        $counter->part('print')->click();
        $counter->waitForText('printed', 'is printed');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        while ($counter->text('step-done') !== '' && ! str_contains($counter->text('step-done'), 'Finished')) {
            $done = count($this->chromium->driver->findElements(WebDriverBy::cssSelector('[data-testid=steps] [aria-pressed=true]')));
            $counter->part('step-done')->click();
            $this->waits(
                fn (): bool => count(
                    $this->chromium->driver->findElements(WebDriverBy::cssSelector('[data-testid=steps] [aria-pressed=true]')),
                ) > $done,
            );
        }
        $counter->part('step-done')->click();

        $this->open('/counter');
        self::$application->scale->hand('take');
        $counter->settled()->part('off-the-scale')->click();
        $counter->waitForText('give-row', 'Nothing on the scale');
        self::$application->scale->hand('put 820');
        $this->waits(fn (): bool => $counter->part('sold')->getAttribute('value') === '820');
        $counter->part('give')->click();
        $counter->waitFor('given');
    }

    public function test_the_screen_says_what_happened_to_the_scale(): void
    {
        $counter = $this->counter('bero', 'bonesaw-31');
        $this->open('/bench');
        $counter->waitFor('scale-state');
        $counter->waitForText('scale-state', 'empty');
        $counter->type('put-g', '17000')->part('put')->click();
        $counter->waitForText('scale-state', 'too heavy');
        $counter->part('take-off')->click();
        $counter->waitForText('scale-state', 'empty');
        self::$application->scale->unplug();
        $counter->waitForText('scale-state', 'no answer');
        $counter->part('weigh')->click();
        $counter->waitForText('bench-problem', 'does not answer');
        $counter->type('typed-g', '1140')->part('weigh')->click();
        $counter->waitForText('weights', '1140');
        self::assertStringNotContainsString('17000', $counter->text('weights'));
        self::$application->plugInScale();
        $counter->waitForText('scale-state', 'empty');
    }

    public function test_a_whole_piece_is_planned_cut_and_followed(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $this->open('/bench/cut');
        $counter->waitFor('plan-lot');
        $counter->select('plan-lot', 'R-140')->waitFor('plan');
        $counter->type('plan-taper_pct', '70')->type('plan-weight_g', '2600');
        $counter->waitForText('plan-says', '× Strip steak');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $counter->type('make-number', 'R-140-A')->part('make-now')->click();
        $counter->waitForText('made', 'R-140-A');
        $this->click('plan-goal', '//label[contains(., "orders")]');
        $counter->type('plan-weight_g', '');
        $counter->type('order-0-pieces', '4')->type('order-0-thickness_mm', '30');
        $counter->waitForText('plan-says', '4 × Strip steak');
        $counter->type('order-0-pieces', '40');
        $counter->waitFor('plan-wrong');

        $this->open('/case');
        $counter->waitForText('lots', 'R-140-A');
        $counter->type('find-lot', 'R-140-A');
        $this->click('lots', '//*[@data-testid="lot-do"]');
        $counter->waitFor('trace-open')->click();
        $counter->waitForText('trace', 'R-140');
        self::assertStringContainsString('2.6 kg', $counter->text('trace'));
    }

    public function test_two_offers_are_compared_on_the_plate(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $this->open('/bench/price');
        $counter->waitFor('offer-lot-0');
        $counter->type('offer-price-0', '11.90')->type('offer-trim-0', '38');
        $counter->type('offer-price-1', '17.50');
        $counter->waitForText('turned', 'what is trimmed off it turns the order');
        self::assertSame('€2.63', $counter->text('portion-0')); // nothing is said of cooking: 150 g at 17.50
        self::assertSame('€2.88', $counter->text('portion-1'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_how_thick_is_asked_in_the_line_and_answered_side_by_side(): void
    {
        $counter = $this->counter();
        $counter->say('2 strip steak how thick medium rare grill')->settled();
        $counter->waitForText('thick-says', 'mm');
        $counter->part('thick-0')->click();
        $counter->settled();
        self::assertStringContainsString('21 mm', $counter->text('ticket'));
    }
}
