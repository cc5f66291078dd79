<?php

// Advice over HTTP with one user on loopback, and the time until the start page can be used. A bounded number of requests.

declare(strict_types=1);

use Tests\Browser\Support\Application;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\CounterPage;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const ASKS = [
    ['cut' => 'beef-rib-eye-steak', 'method' => 'pan', 'from' => 20, 'to' => 50],
    ['cut' => 'lamb-rump', 'method' => 'sear_then_oven', 'from' => 30, 'to' => 60],
    ['cut' => 'pork-tenderloin', 'method' => 'oven_roast', 'from' => 45, 'to' => 75],
    ['cut' => 'chicken-breast', 'method' => 'pan', 'from' => 15, 'to' => 40],
    ['cut' => 'salmon-loin', 'method' => 'water_bath', 'from' => 15, 'to' => 45],
    ['cut' => 'venison-haunch-steak', 'method' => 'grill', 'from' => 15, 'to' => 45],
];

$application = Application::start();
$chromium = Chromium::open();
try {
    CounterPage::signIn($chromium->driver, $application->url, 'maret', 'tideline-47');
    $milliseconds = [];
    $random = new Random\Randomizer(new Random\Engine\Mt19937(7));
    for ($i = 0; $i < 220; $i++) {
        $kind = ASKS[$i % count(ASKS)];
        $ask = [
            'cut' => $kind['cut'],
            'method' => $kind['method'],
            'thickness_mm' => $random->getInt($kind['from'] * 10, $kind['to'] * 10) / 10,
            'diners' => [['count' => 4]],
        ];
        $took = $chromium->driver->executeAsyncScript(
            <<<'JS'
            const done = arguments[arguments.length - 1];
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            const began = performance.now();
            const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
            fetch('/api/v1/advice', { method: 'POST', headers, body: JSON.stringify(arguments[0]) })
              .then((reply) => reply.json().then(() => done(reply.ok ? performance.now() - began : -1)));
            JS
            ,
            [$ask],
        );
        if ($took < 0) {
            throw new RuntimeException('An ask was refused: '.json_encode($ask));
        }
        if ($i >= 20) {
            // the first ones warm the compiled loops
            $milliseconds[] = $took;
        }
    }
    sort($milliseconds);
    printf(
        "\nPOST /api/v1/advice, one user, %d asks: median %.0f ms, 95th percentile %.0f ms, most %.0f ms\n",
        count($milliseconds),
        $milliseconds[(int) (count($milliseconds) * 0.5)],
        $milliseconds[(int) (count($milliseconds) * 0.95)],
        end($milliseconds),
    );

    $usable = [];
    for ($i = 0; $i < 5; $i++) {
        $began = hrtime(true);
        $chromium->driver->get("{$application->url}/counter");
        CounterPage::at($chromium->driver, $application->url)->settled();
        $usable[] = (hrtime(true) - $began) / 1e6;
    }
    sort($usable);
    printf("Start page until the ticket is on it: median %.0f ms, most %.0f ms\n", $usable[2], $usable[4]);
} finally {
    $chromium->close();
    $application->stop();
}
