<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** What the cutter sees: the order on a ticket, and a mince worked out. */
final class BenchJourneyTest extends JourneyCase
{
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
        $this->open('/mince');
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
}
