<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\AtlasPage;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** Whoever comes to a page, by whatever way, is told where they are. */
final class EveryRouteTest extends JourneyCase
{
    public function test_every_page_has_its_title_and_nothing_serious_against_it(): void
    {
        $atlas = AtlasPage::open($this->chromium->driver, self::$application->url, 'ysolde', 'coldroom-88');
        $pages = [
            '/counter' => 'Counter',
            '/case' => 'Today’s case',
            '/case/board' => 'At the counter today',
            '/clock' => 'The meal clock',
            '/bench' => 'The bench',
            '/bench/cut' => 'Cut up a whole piece',
            '/bench/mince' => 'Mince',
            '/bench/price' => 'What it really costs',
            '/seasonings' => 'Seasonings',
            '/seasonings/rub-dune' => 'Seasonings',
            '/customers' => 'Customers',
            '/house' => 'House rules',
            '/tickets' => 'Tickets',
            '/atlas' => 'Cut atlas',
            '/atlas/compare?cuts=beef-shoulder-tender,beef-chuck-tender' => 'Side by side',
            '/atlas/shop' => 'Our cuts',
            '/atlas/cut/beef-hanging-tender' => 'Hanging tender',
            '/no/such/place' => 'No such page',
        ];
        foreach ($pages as $path => $title) {
            $atlas->goTo($path)->isTitled($title);
            self::assertSame([], Axe::seriousFindings($this->chromium->driver), $path);
        }
        self::assertStringContainsString('/no/such/place', $atlas->reads('[data-testid="unknown-address"]', 'typed wrong'));
    }

    public function test_the_focus_goes_to_the_heading_of_the_next_page(): void
    {
        $atlas = AtlasPage::open($this->chromium->driver, self::$application->url, 'bero', 'bonesaw-31');
        $focused = fn (): string => (string) $this->chromium->driver->executeScript('return document.activeElement.textContent.trim()');

        $atlas->click('nav a[href="/tickets"]')->isTitled('Tickets');
        self::assertSame('Tickets', $focused());
        $atlas->click('nav a[href="/customers"]')->isTitled('Customers');
        self::assertSame('Customers', $focused());
        $atlas->click('nav a[href="/counter"]')->isTitled('Counter');
        self::assertSame('Counter', $focused());
    }
}
