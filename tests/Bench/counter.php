<?php

// The counter on the demo case with one user: one request per change, and the time from the last key to its ticket on the screen.

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Application;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\CounterPage;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const SAID = [
    'lamb rump mr iron+oven',
    'rib eye mr pan',
    'burger gas',
    'salmon loin pan',
    'something for a braise cheap',
    'pork tenderloin oven',
    'chicken breast pan',
    'steak well',
    'venison pink pan',
    'fish pan',
    'special mr pan budget 25',
    'duck breast pink pan',
    'lamb oven',
    'mackerel pan',
    'beef tomorrow 19:30',
    'turbot',
    'quick pan',
    'chicken leg, one pregnant',
    'no pork no beef cheap',
    'cod steam',
];

/** @param  list<float>  $ms */
function said(string $what, array $ms): void
{
    sort($ms);
    printf(
        "%-52s %4d times: median %4.0f ms, 95th percentile %4.0f ms, most %4.0f ms\n",
        $what,
        count($ms),
        $ms[(int) (count($ms) * 0.5)],
        $ms[(int) (count($ms) * 0.95)],
        end($ms),
    );
}

$application = Application::start();
$chromium = Chromium::open();
try {
    $browser = $chromium->driver;
    $counter = CounterPage::signIn($browser, $application->url, 'maret', 'tideline-47');
    $ms = [];
    for ($i = 0; $i < 220; $i++) {
        $took = $browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[arguments.length - 1];
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            const began = performance.now();
            const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
            fetch('/api/v1/counter', { method: 'POST', headers, body: JSON.stringify({ line: arguments[0] }) })
              .then((reply) => reply.json().then(() => done(reply.ok ? performance.now() - began : -1)));
            JS
            ,
            [1 + ($i % 11).' '.SAID[$i % count(SAID)]],
        );
        if ($i >= 20) {
            // the first ones warm the compiled loops
            $ms[] = (float) $took;
        }
    }
    said('POST /api/v1/counter, lines of the demo', $ms);

    $browser->executeScript(
        <<<'JS'
        window.typed = { at: null, shown: null }
        document.querySelector('#ask-line').addEventListener('input', () => { typed.at = performance.now(); typed.shown = null }, true)
        const look = () => {
          const ticket = document.querySelector('[data-testid=ticket]')
          const isThere = (ticket && !ticket.classList.contains('stale')) || document.querySelector('[data-testid=nothing-fits]')
          if (typed.at !== null && performance.now() > typed.at + 20 && typed.shown === null && isThere) typed.shown = performance.now()
          if (!isThere) typed.shown = null
          requestAnimationFrame(look)
        }
        look()
        JS
        ,
    );
    $ms = [];
    for ($i = 0; $i < 45; $i++) {
        $counter->part('ask-line')->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $counter->part('ask-line')->sendKeys(2 + ($i % 9).' '.SAID[(3 * $i) % count(SAID)]);
        $browser
            ->wait(10, 50)
            ->until(
                static fn (): bool => $browser->executeScript('return typed.shown !== null && performance.now() > typed.shown + 400') ===
                    true,
            );
        if ($i >= 5) {
            $ms[] = (float) $browser->executeScript('return typed.shown - typed.at');
        }
    }
    said('Last key to ticket on screen', $ms);
} finally {
    $chromium->close();
    $application->stop();
}
