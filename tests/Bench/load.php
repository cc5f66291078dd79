<?php

// Fifty counters at once on what deploy/ sets up: asks, tickets, moves, looks at the case, with the pauses of people. Prints how long each
// kind took and what did not come back. php tests/Bench/load.php BASE SECONDS COUNTERS

declare(strict_types=1);

[, $base, $seconds, $counters] = [...$argv, '180', '50'];
const THINK_S = [2.0, 6.0];
const ASKS = [
    '2 rib eye medium rare, iron, tomorrow 19:30',
    'salmon for 3, oven',
    'something for a stew, 6, cheap',
    'chicken thighs for 4, grill',
    'lamb rump for 4, pan',
    'burger for 4, pan',
    'pork chops for 2',
    'duck breast for 2, pink',
    'mussels for 2',
    '4 of us and a baby, fish, pan',
    'venison for 2 pan',
    'ribs for 4, oven',
    '3 steaks, one well done, gas',
    'roast beef for 8',
    'quick and cheap for 2, no pork',
];
$random = new Random\Randomizer(new Random\Engine\Mt19937(50));

/** @return array{int, string, float} status, body, ms */
function once(CurlHandle $curl): array
{
    $body = curl_exec($curl);

    return [
        (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
        is_string($body) ? $body : '',
        1000.0 * curl_getinfo($curl, CURLINFO_TOTAL_TIME),
    ];
}

function handle(string $base): CurlHandle
{
    $curl = curl_init() ?: exit(1);
    curl_setopt_array($curl, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_SSL_VERIFYPEER => false,
        CURLOPT_SSL_VERIFYHOST => 0,
        CURLOPT_COOKIEFILE => '',
        CURLOPT_PROXY => '',
        CURLOPT_RESOLVE => [parse_url($base, PHP_URL_HOST).':'.parse_url($base, PHP_URL_PORT).':127.0.0.1'],
    ]);

    return $curl;
}

/** @param  array<string, mixed>|null  $body */
function aim(CurlHandle $curl, string $base, string $method, string $path, ?array $body = null): void
{
    $token = '';
    foreach ((array) curl_getinfo($curl, CURLINFO_COOKIELIST) as $cookie) {
        $parts = explode("\t", (string) $cookie);
        $token = ($parts[5] ?? '') === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
    }
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path,
        CURLOPT_CUSTOMREQUEST => $method,
        CURLOPT_POSTFIELDS => $body === null ? '' : (string) json_encode($body),
        CURLOPT_HTTPHEADER => [
            'Accept: application/json',
            'Content-Type: application/json',
            "Origin: {$base}",
            "Referer: {$base}/",
            "X-XSRF-TOKEN: {$token}",
        ],
    ]);
}

$staff = [['maret', 'tideline-47'], ['ysolde', 'coldroom-88']];
$open = [];
for ($i = 0; $i < (int) $counters; $i++) {
    $curl = handle($base);
    if ($i < count($staff)) {
        aim($curl, $base, 'GET', '/');
        once($curl);
        aim($curl, $base, 'POST', '/api/v1/session', ['sign_in' => $staff[$i][0], 'password' => $staff[$i][1]]);
        [$status, $text] = once($curl);
        $status === 200 || exit("sign-in: {$status} {$text}\n");
    } else {
        foreach ((array) curl_getinfo($open[$i % count($staff)]['curl'], CURLINFO_COOKIELIST) as $cookie) {
            curl_setopt($curl, CURLOPT_COOKIELIST, (string) $cookie);
        }
    }
    $open[$i] = ['curl' => $curl, 'next' => microtime(true) + $random->getInt(0, 4000) / 1000, 'ask' => null, 'busy' => null];
}
$multi = curl_multi_init();
$took = $statuses = [];
$until = microtime(true) + (float) $seconds;
$by = [];
while (microtime(true) < $until || array_filter(array_column($open, 'busy')) !== []) {
    foreach ($open as $i => $counter) {
        if ($counter['busy'] !== null || microtime(true) < $counter['next'] || microtime(true) > $until) {
            continue;
        }
        $dice = $random->getInt(1, 100);
        [$kind, $method, $path, $body] = match (true) {
            $dice <= 12 && $counter['ask'] !== null => [
                'give',
                'POST',
                '/api/v1/tickets',
                ['dishes' => [$counter['ask']], 'units' => 'metric'],
            ],
            $dice <= 22 => ['case', 'GET', '/api/v1/case', null],
            $dice <= 30 => ['tickets', 'GET', '/api/v1/tickets', null],
            default => ['ask', 'POST', '/api/v1/counter', ['line' => ASKS[$random->getInt(0, count(ASKS) - 1)]]],
        };
        aim($counter['curl'], $base, $method, $path, $body);
        curl_multi_add_handle($multi, $counter['curl']);
        $open[$i]['busy'] = $kind;
        $by[spl_object_id($counter['curl'])] = $i;
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.02);
    while (($done = curl_multi_info_read($multi)) !== false) {
        $curl = $done['handle'];
        $i = $by[spl_object_id($curl)];
        $kind = $open[$i]['busy'];
        $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $took[$kind][] = 1000.0 * curl_getinfo($curl, CURLINFO_TOTAL_TIME);
        $statuses["{$kind} {$status}"] = ($statuses["{$kind} {$status}"] ?? 0) + 1;
        if ($kind === 'ask' && $status === 200) {
            $said = json_decode((string) curl_multi_getcontent($curl), true);
            $open[$i]['ask'] =
                ($said['ask'] ?? null) === null
                    ? null
                    : [
                        'ask' => $said['ask'],
                        'cautions_read' => array_column($said['ticket']['verdict']['findings'] ?? [], 'id'),
                    ];
        } elseif ($kind === 'give') {
            $open[$i]['ask'] = null;
        }
        curl_multi_remove_handle($multi, $curl);
        $open[$i]['busy'] = null;
        $open[$i]['next'] = microtime(true) + $random->getInt((int) (1000 * THINK_S[0]), (int) (1000 * THINK_S[1])) / 1000;
    }
}
$all = array_merge(...array_values($took));
foreach ([...$took, 'all' => $all] as $kind => $times) {
    sort($times);
    printf(
        "%-8s %5d requests: median %5.0f ms, 95th percentile %5.0f ms, most %5.0f ms\n",
        $kind,
        count($times),
        $times[intdiv(count($times), 2)],
        $times[(int) (0.95 * count($times))],
        end($times),
    );
}
ksort($statuses);
foreach ($statuses as $what => $count) {
    printf("%-14s %d\n", $what, $count);
}
