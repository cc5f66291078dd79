<?php

// A case of a thousand lots: matching within one process, then over HTTP with one user and with twenty on two workers. A bounded
// number of requests, on loopback.

declare(strict_types=1);

use Nessmark\Catalogue\Catalogue;
use Nessmark\Contract\CounterDesk;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Method\Suitability;
use Tests\Browser\Support\Application;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const LOTS = 1000;
const LINES = [
    '4 rib steak mr gas 19:30 budget 14',
    '2 steak mr',
    '6 something for a braise tomorrow cheap, one pregnant',
    '4 chicken breast pan',
    '2 special mr pan budget 25',
    '4 fish pan',
    '3 pink 1 medium lamb rump iron+oven',
    '8 burger gas',
    '2 quick pan in 30 min',
    '6 roast oven 19:00',
    '4 venison',
    '2 salmon bath',
    '4 no pork no beef cheap',
    '5',
    '2 duck breast pink pan',
    '4 fillet steak mr budget 3',
];
const NOW = '2026-11-25T10:00:00+01:00';

/** @return list<array<string, mixed>> */
function thousandLots(Catalogue $catalogue): array
{
    $suitability = new Suitability();
    $cuts = array_values(array_filter($catalogue->cuts(), static fn ($cut): bool => $suitability->offered($cut) !== []));
    $random = new Random\Randomizer(new Random\Engine\Mt19937(11));
    $lots = [];
    for ($i = 0; $i < LOTS; $i++) {
        $cut = $cuts[$random->getInt(0, count($cuts) - 1)];
        $lots[] = [
            'number' => sprintf('T%04d', $i),
            'cut' => $cut->slug,
            'thickness_mm' => (float) $random->getInt((int) ceil($cut->build->thinnestMm), (int) floor($cut->build->thickestMm)),
            'weight_g' => $random->getInt(500, 6000),
            'price_per_kg' => $random->getInt(600, 5500) / 100,
            'use_by' => sprintf('2026-12-%02d', $random->getInt(1, 9)),
            'parasite_frozen' => true,
        ];
    }

    return $lots;
}

/** @param  list<float>  $ms */
function said(string $what, array $ms): void
{
    sort($ms);
    printf(
        "%-44s %4d requests: median %4.0f ms, 95th percentile %4.0f ms, most %4.0f ms\n",
        $what,
        count($ms),
        $ms[(int) (count($ms) * 0.5)],
        $ms[(int) (count($ms) * 0.95)],
        end($ms),
    );
}

/** A signed-in handle of its own. */
function user(string $url, string $name, string $password): CurlHandle
{
    $jar = tempnam(sys_get_temp_dir(), 'jar');
    $handle = curl_init("{$url}/counter");
    curl_setopt_array($handle, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_COOKIEFILE => '',
        CURLOPT_COOKIEJAR => $jar,
        CURLOPT_REFERER => "{$url}/counter",
    ]);
    curl_exec($handle);
    posted($handle, "{$url}/api/v1/session", ['sign_in' => $name, 'password' => $password]);
    curl_exec($handle);

    return $handle;
}

function token(CurlHandle $handle): string
{
    foreach (curl_getinfo($handle, CURLINFO_COOKIELIST) as $cookie) {
        if (str_contains($cookie, 'XSRF-TOKEN')) {
            return rawurldecode((string) substr((string) strrchr($cookie, "\t"), 1));
        }
    }

    return '';
}

/** @param  array<string, mixed>  $body */
function posted(CurlHandle $handle, string $url, array $body): void
{
    curl_setopt_array($handle, [
        CURLOPT_URL => $url,
        CURLOPT_POST => true,
        CURLOPT_POSTFIELDS => json_encode($body),
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'X-XSRF-TOKEN: '.token($handle)],
    ]);
}

$catalogue = Catalogue::from(DataFolder::shipped());
$data = thousandLots($catalogue);
$desk = CounterDesk::from(DataFolder::shipped());
$reader = new LotReader($catalogue, GradeTable::from(DataFolder::shipped()));
$lots = array_map($reader->read(...), $data);
$wishes = array_map(
    static fn (string $line): array => [...$desk->read($line, new DateTimeImmutable(NOW), $catalogue)->wish, 'now' => NOW],
    LINES,
);
foreach (['each wish for the first time' => 1, 'and again, its cooks remembered' => 3] as $what => $rounds) {
    $ms = [];
    for ($round = 0; $round < $rounds; $round++) {
        foreach ($wishes as $wish) {
            $began = hrtime(true);
            $desk->match($wish, $lots, $catalogue, new HouseRules());
            $ms[] = (hrtime(true) - $began) / 1e6;
        }
    }
    said('Matched in one process, '.$what, $ms);
}
if (in_array('--no-http', $argv, true)) {
    return;
}

$application = Application::start(2);
try {
    $head = user($application->url, 'ysolde', 'coldroom-88');
    posted($head, "{$application->url}/api/v1/case/import", ['lots' => $data]);
    $began = hrtime(true);
    $taken = json_decode((string) curl_exec($head), true);
    printf(
        "Import of %d lots: %.0f ms\n",
        $taken['received'] ?? throw new RuntimeException('The lots were not taken.'),
        (hrtime(true) - $began) / 1e6,
    );
    $one = user($application->url, 'maret', 'tideline-47');
    $bodies = ['matches' => $wishes, 'counter' => array_map(static fn (string $line): array => ['line' => $line, 'now' => NOW], LINES)];
    foreach ($bodies as $path => $asked) {
        $ms = [];
        for ($i = 0; $i < 120; $i++) {
            posted($one, "{$application->url}/api/v1/{$path}", $asked[$i % count($asked)]);
            $began = hrtime(true);
            curl_exec($one);
            $ms[] = (hrtime(true) - $began) / 1e6;
            if (curl_getinfo($one, CURLINFO_RESPONSE_CODE) !== 200) {
                throw new RuntimeException('It was refused: '.LINES[$i % count($asked)]);
            }
        }
        said("POST /api/v1/{$path}, one user, first round", array_slice($ms, 0, count($asked)));
        said("POST /api/v1/{$path}, one user", array_slice($ms, count($asked)));
    }

    // Twenty counters, each with its customer's next question a second and a half after the last was answered.
    $multi = curl_multi_init();
    $cookies = curl_getinfo($one, CURLINFO_COOKIELIST);
    $token = token($one);
    $handles = $sent = $due = $left = [];
    $ms = [];
    for ($user = 0; $user < 20; $user++) {
        $due[$user] = hrtime(true) / 1e9 + $user * 0.075;
        $left[$user] = 10;
    }
    while (array_sum($left) > 0 || $handles !== []) {
        foreach ($due as $user => $at) {
            if ($left[$user] > 0 && ! isset($handles[$user]) && hrtime(true) / 1e9 >= $at) {
                $handle = curl_init();
                curl_setopt_array($handle, [
                    CURLOPT_RETURNTRANSFER => true,
                    CURLOPT_COOKIEFILE => '',
                    CURLOPT_REFERER => "{$application->url}/counter",
                ]);
                foreach ($cookies as $cookie) {
                    curl_setopt($handle, CURLOPT_COOKIELIST, $cookie);
                }
                posted($handle, "{$application->url}/api/v1/matches", $wishes[($user + $left[$user]) % count($wishes)]);
                curl_setopt($handle, CURLOPT_HTTPHEADER, [
                    'Content-Type: application/json',
                    'Accept: application/json',
                    "X-XSRF-TOKEN: {$token}",
                ]);
                curl_multi_add_handle($multi, $handle);
                $handles[$user] = $handle;
                $sent[$user] = hrtime(true);
            }
        }
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.005);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $user = (int) array_search($done['handle'], $handles, true);
            $ms[] = (hrtime(true) - $sent[$user]) / 1e6;
            if (curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) !== 200) {
                throw new RuntimeException('A wish was refused: '.curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE));
            }
            curl_multi_remove_handle($multi, $done['handle']);
            unset($handles[$user]);
            $left[$user]--;
            $due[$user] = hrtime(true) / 1e9 + 1.5;
        }
    }
    said('POST /api/v1/matches, twenty users', $ms);
} finally {
    $application->stop();
}
