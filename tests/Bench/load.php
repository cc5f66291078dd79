<?php

// Fifty counters at once on what deploy/ sets up: asks, tickets, moves, looks at the case, with the pauses of people. Prints how long each
// kind took, what did not come back, and the memory of the servers by the minute. php tests/Bench/load.php BASE SECONDS COUNTERS PID...

declare(strict_types=1);

require __DIR__.'/OverTls.php';

[, $base, $seconds, $counters] = $argv;
$groups = array_slice($argv, 4);
const THINK_S = [2.0, 6.0];
const OPEN_BEFORE = 10;
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

/** @param  list<string>  $groups  of processes, each led by the process of this number */
function megabytes(array $groups): float
{
    return $groups === []
        ? 0.0
        : array_sum(
            array_map(intval(...), explode("\n", (string) shell_exec('ps -o rss= --sid '.escapeshellarg(implode(',', $groups))))),
        ) / 1024;
}

$staff = [['maret', 'tideline-47'], ['ysolde', 'coldroom-88']];
$people = array_map(static fn (array $one): OverTls => OverTls::signedIn($base, ...$one), $staff);
$lots = array_column($people[0]->ask('GET', '/api/v1/case')[1]['lots'] ?? [], 'id');
// A shop that has been open for an hour: its workers have run and its case has been cooked once. Not counted.
$warm = microtime(true);
for ($i = 0; $i < OPEN_BEFORE * count(ASKS); $i++) {
    $people[$i % count($people)]->ask('POST', '/api/v1/counter', ['line' => ASKS[$i % count(ASKS)]]);
}
printf("%d asks before, not counted: %.0f s\n", $i, microtime(true) - $warm);
$open = [];
for ($i = 0; $i < (int) $counters; $i++) {
    $way = $people[$i % count($people)]->another();
    $open[$i] = ['way' => $way, 'next' => microtime(true) + $random->getInt(0, 4000) / 1000, 'ask' => null, 'busy' => null];
}
$multi = curl_multi_init();
$took = $statuses = [];
$until = microtime(true) + (float) $seconds;
$by = [];
$began = microtime(true);
$measureAt = $began;
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
            $dice <= 20 && $lots !== [] => [
                'move',
                'POST',
                '/api/v1/case/lots/'.$lots[$random->getInt(0, count($lots) - 1)].'/moves',
                ['kind' => 'weighed_out', 'grams' => 1],
            ],
            $dice <= 28 => ['case', 'GET', '/api/v1/case', null],
            $dice <= 34 => ['tickets', 'GET', '/api/v1/tickets', null],
            default => ['ask', 'POST', '/api/v1/counter', ['line' => ASKS[$random->getInt(0, count(ASKS) - 1)]]],
        };
        $counter['way']->aim($method, $path, $body);
        curl_multi_add_handle($multi, $counter['way']->curl);
        $open[$i]['busy'] = $kind;
        $by[spl_object_id($counter['way']->curl)] = $i;
    }
    if (microtime(true) >= $measureAt) {
        printf("minute %2d: %.0f MB\n", ($measureAt - $began) / 60, megabytes($groups));
        $measureAt += 60;
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.02);
    usleep(2_000); // where nothing is under way it does not wait
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
$used = getrusage() ?: [];
printf("the counters themselves took %d s of processor\n", ($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_stime.tv_sec'] ?? 0));
ksort($statuses);
foreach ($statuses as $what => $count) {
    printf("%-14s %d\n", $what, $count);
}
