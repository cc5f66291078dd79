<?php

// Four sellers give tickets and weigh out while parts of the machine are killed under them; then all that was confirmed is looked for.
// php tests/Bench/kill.php BASE NAME PASSWORD ROUNDS COMMAND... : each command kills one part, in turn. Prints how long each was away.

declare(strict_types=1);

require __DIR__.'/OverTls.php';

const SELLERS = 4;
const ROUND_S = 8;
const AWAY_AT_MOST_S = 60.0;
const ASK = ['cut' => 'chicken-leg', 'method' => 'oven_roast', 'diners' => [['count' => 4]]];

[, $base, $name, $password, $rounds] = $argv;
$kills = array_slice($argv, 5);
$head = OverTls::signedIn($base, $name, $password);
$number = 'KILL-'.bin2hex(random_bytes(3));
[$status, $lot] = $head->ask('POST', '/api/v1/case/lots', [
    'number' => $number,
    'cut' => 'chicken-leg',
    'weight_g' => 90_000,
    'price_per_kg' => 9,
    'packed' => 'wet',
    'origin' => 'Varr bank',
]);
$status === 201 || exit("lot: {$status} ".json_encode($lot)."\n");
$case = static fn (): array => array_column($head->ask('GET', '/api/v1/case')[1]['lots'] ?? [], null, 'number');
$lotId = $case()[$number]['id'];
$folder = sys_get_temp_dir().'/nessmark-kill-'.bin2hex(random_bytes(4));
mkdir($folder);

$seller = static function (int $i) use ($head, $folder, $lotId): never {
    $way = $head->another();
    $log = fopen("{$folder}/{$i}", 'ab') ?: exit(1);
    for ($round = 0; ! is_file("{$folder}/end"); $round++) {
        $isTicket = $round % 2 === 0;
        [$path, $body] = $isTicket
            ? ['/api/v1/tickets', ['dishes' => [['ask' => ASK, 'cautions_read' => []]], 'units' => 'metric']]
            : ["/api/v1/case/lots/{$lotId}/moves", ['kind' => 'weighed_out', 'grams' => 1]];
        $key = bin2hex(random_bytes(16));
        do {
            // as the screen does: the same key until somebody has answered
            [$status, $said] = $way->ask('POST', $path, $body, $key);
            $isAnswered = $status >= 200 && $status < 500;
            if (! $isAnswered) {
                fwrite($log, json_encode(['away', $status, null])."\n");
                usleep(250_000);
            }
        } while (! $isAnswered);
        fwrite($log, json_encode([$isTicket ? 'ticket' : 'move', $status, $said['id'] ?? null])."\n");
        usleep(random_int(100_000, 500_000));
    }
    exit(0);
};
$children = [];
for ($i = 0; $i < SELLERS; $i++) {
    $pid = pcntl_fork();
    $pid === 0 ? $seller($i) : ($children[] = $pid);
}
$health = new OverTls($base);
$away = [];
for ($round = 0; $round < (int) $rounds; $round++) {
    usleep((int) (1e6 * (ROUND_S + random_int(0, 1000) / 500)));
    $command = $kills[$round % count($kills)];
    exec($command, $output, $code);
    $code === 0 || (print "did not kill: {$command}\n");
    $since = microtime(true);
    $wellAt = null;
    $rightAfter = $since + 0.5; // a part that dies may still answer for a moment
    while (microtime(true) - $since < AWAY_AT_MOST_S) {
        $isWell = $health->ask('GET', '/health')[0] === 200;
        $wellAt = $isWell ? $wellAt ?? microtime(true) : null;
        if ($isWell && microtime(true) > $rightAfter) {
            break;
        }
        usleep(50_000);
    }
    $away[$command][] = $wellAt === null ? AWAY_AT_MOST_S : $wellAt - $since;
    printf("%2d %5.2f s %s\n", $round + 1, end($away[$command]), $command);
}
touch("{$folder}/end");
array_map(static fn (int $pid): int => pcntl_waitpid($pid, $status), $children);

$said = array_map(
    static fn (string $line): array => (array) json_decode($line, true),
    array_merge(...array_map(static fn (string $file): array => file($file) ?: [], glob("{$folder}/[0-9]*") ?: [])),
);
$counted = array_count_values(array_map(static fn (array $one): string => "{$one[0]} {$one[1]}", $said));
$tickets = array_column(array_filter($said, static fn (array $one): bool => $one[0] === 'ticket' && $one[1] === 201), 2);
$lost = array_filter($tickets, static fn (string $id): bool => $head->ask('GET', "/api/v1/tickets/{$id}")[0] !== 200);
ksort($counted);
foreach ($counted as $what => $count) {
    echo "{$what}: {$count}\n";
}
printf("tickets confirmed %d, of them different %d, not found %d\n", count($tickets), count(array_unique($tickets)), count($lost));
printf("moves of 1 g confirmed %d; the lot lacks %d g\n", $counted['move 200'] ?? 0, 90_000 - $case()[$number]['weight_g']);
printf("longest away: %.2f s\n", max(array_merge(...array_values($away))));
exec('rm -rf '.escapeshellarg($folder));
