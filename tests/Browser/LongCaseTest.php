<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\AtlasPage;
use Tests\Browser\Support\JourneyCase;

/** A case far longer than a screen. */
final class LongCaseTest extends JourneyCase
{
    public function test_a_case_of_a_thousand_lots_is_drawn_as_far_as_it_is_read_and_searched_whole(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $rows = array_map(static fn (int $i): string => sprintf('Z-%04d,pork-loin-chop,30,2000,9.50', $i), range(1, 1000));
        $this->open('/case');
        $counter->waitFor('lots');
        $atlas = AtlasPage::at($this->chromium->driver, self::$application->url);
        $atlas->upload('case-file', 'thousand.csv', "number,cut,thickness_mm,weight_g,price_per_kg\n".implode("\n", $rows)."\n");
        $counter->waitForText('case-imported', '1000');
        $this->open('/case');
        $counter->waitForText('more-rows', 'left');

        self::assertLessThan(2_000, $atlas->count('*'));
        $drawn = $atlas->count('[data-testid="lot"]');
        $this->chromium->driver->executeScript('document.querySelector("[data-testid=more-rows]").scrollIntoView()');
        $this->waits(fn (): bool => $atlas->count('[data-testid="lot"]') > $drawn);
        $counter->type('find-lot', 'Z-0999');
        $this->waits(fn (): bool => $atlas->count('[data-testid="lot"]') === 1);
        self::assertStringContainsString('Z-0999', $counter->text('lots'));
    }
}
