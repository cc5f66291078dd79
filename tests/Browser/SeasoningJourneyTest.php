<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** What goes on the meat: suggested, picked, weighed, held against the fire and the people; and the shop's own. */
final class SeasoningJourneyTest extends JourneyCase
{
    public function test_a_seasoning_is_suggested_and_another_picked(): void
    {
        $counter = $this->counter();
        $counter->say('rib eye pan for 2')->settled();
        self::assertStringContainsString('Marbled: salt only', $counter->text('season'));
        self::assertStringContainsString('Salt it all over', $counter->text('timeline'));

        $before = $counter->text('ticket');
        $name = explode("\n", $counter->text('season-other'))[0];
        $this->chromium->driver->executeScript('document.querySelector("[data-testid=season-other]").click()');
        $counter->changed($before);
        self::assertStringContainsString('as asked', $counter->text('season'));
        self::assertStringContainsString(mb_strtolower($name), $counter->value('ask-line'), 'what was tapped stands in the line');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_what_would_burn_is_said_and_goes_on_later(): void
    {
        $counter = $this->counter();
        $counter->say('pork collar, sweet smoke rub, grill for 3')->settled();

        self::assertStringContainsString('turns bitter', $counter->text('season-scorch'));
        self::assertStringContainsString('dust it on now', $counter->text('timeline'));
        self::assertTrue($counter->has('bad-window'), 'when not to salt stands on the axis');
        $counter->say('spare ribs, sweet smoke rub, smoker for 3')->settled();
        self::assertFalse($counter->has('season-scorch'), 'low and slow nothing burns');
        self::assertStringContainsString('Rub on Sweet smoke rub', $counter->text('timeline'));
    }

    public function test_one_who_goes_without_gets_a_marked_piece_and_an_allergy_another_seasoning(): void
    {
        $counter = $this->counter();
        $counter->say('pork collar, mustard and honey glaze, grill, 3 and 1 no mustard')->settled();
        self::assertStringContainsString('B: ', $counter->text('season-apart'));
        self::assertStringContainsString('mustard', $counter->text('season-allergens'));

        $counter->say('cod for 2 broiler with butter, dairy free')->settled();
        self::assertStringContainsString('for those who go without', $counter->text('season-instead'));
        self::assertStringNotContainsString('butter ', $counter->text('season-amounts'));
    }

    public function test_a_seasoning_is_weighed_for_so_much_meat(): void
    {
        $counter = $this->counter();
        $this->open('/seasonings');
        $counter->waitFor('find-seasoning');
        $counter->type('find-seasoning', 'dune');
        $this->waits(fn (): bool => str_contains($counter->text('season-count'), '1 '));
        $counter->part('seasonings')->findElement(WebDriverBy::xpath('.//button'))->click();
        $counter->waitFor('season-batch');
        $counter->waitForText('season-batch', '22 g');
        $counter->type('season-meat-kg', '6');
        $counter->waitForText('season-batch', '132 g');
        self::assertStringContainsString('mustard', $counter->text('season-allergens'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        self::assertStringContainsString('132 g, for 6 kg of meat', $this->card($counter->part('season-label')->getAttribute('href')));
    }

    public function test_the_shops_own_rub_goes_out_as_json_ld_and_comes_back(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $this->open('/seasonings');
        $counter->waitFor('write-seasoning')->click();
        $counter->waitFor('own-name');
        $counter->type('own-name', 'Slipway rub')->type('own-g-per-kg', '20')->select('own-of-0', 'coarse salt')->type('own-g-0', '60');
        $counter->part('own-add')->click();
        $counter->select('own-of-1', 'caraway')->type('own-g-1', 'much');
        $counter->part('own-save')->click();
        $counter->complains('much');
        $counter->type('own-g-1', '40');
        $counter->part('own-save')->click();
        $counter->waitFor('seasoning');
        $counter->waitForText('seasoning', 'Slipway rub');

        $file = (string) tempnam(sys_get_temp_dir(), 'ld');
        rename($file, $file .= '.jsonld');
        file_put_contents(
            $file,
            $this->chromium->driver->executeAsyncScript(
                'const done = arguments[0]; fetch("/api/v1/seasonings/export.jsonld").then(async (r) => done(await r.text()))',
            ),
        );
        self::assertStringContainsString('60 g coarse salt', (string) file_get_contents($file));
        $counter->part('remove-seasoning')->click();
        $this->waits(fn (): bool => ! $counter->has('seasoning'));
        $counter->part('seasonings-file')->setFileDetector(new LocalFileDetector())->sendKeys($file);
        $counter->waitFor('seasonings-taken');
        $counter->waitForText('seasonings-taken', '3 seasonings taken'); // with the two of the demo;
        unlink($file);
        $counter->type('find-seasoning', 'slipway');
        $this->waits(fn (): bool => str_contains($counter->text('seasonings'), 'Slipway rub'));
    }
}
