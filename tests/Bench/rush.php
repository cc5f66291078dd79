<?php

declare(strict_types=1);

// The parts of bin/rush. Each process is the whole application without its web server: a request goes in, an answer comes out.

use App\Models\Lot;
use App\Models\LotMove;
use App\Models\MoveKind;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\Response;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const LOTS = ['R1', 'R2', 'R3'];
const ASK = [
    'cut' => 'salmon-loin',
    'thickness_mm' => 20,
    'method' => 'water_bath',
    'parasite_frozen' => true,
    'rearing' => 'farmed',
    'diners' => [['count' => 1, 'doneness' => 'cooked']],
];

/** What a body may say it is. */
const TYPES = [
    'application/json', 'application/json', 'application/ld+json', 'text/csv', 'multipart/form-data; boundary=x',
    'application/x-www-form-urlencoded', 'text/plain', '',
];

/** @var Application $app */
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
$answers = getenv('NESSMARK_VAR').'/run/given';

/** @return array{int, string} status and body */
$ask = static function (User $user, string $verb, string $path, array|string $body = [], array $headers = []) use (
    $app,
    $kernel,
): array {
    $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
    foreach ($headers as $name => $value) {
        $server[$name === 'Content-Type' ? 'CONTENT_TYPE' : 'HTTP_'.strtoupper(strtr($name, '-', '_'))] = $value;
    }
    $isForm = str_contains($server['CONTENT_TYPE'], 'form');
    $request = Request::create(
        "/api/v1/{$path}",
        $verb,
        $isForm ? (array) json_decode(is_string($body) ? $body : (string) json_encode($body), true) : [],
        server: $server,
        content: is_string($body) ? $body : (string) json_encode($body),
    );
    $app->instance('request', $request);
    $app->make('auth')->forgetGuards();
    $app->make('auth')->guard('web')->setUser($user);
    /** @var Response $response */
    $response = $kernel->handle($request);
    $kernel->terminate($request, $response);

    return [$response->getStatusCode(), (string) $response->getContent()];
};
$head = static fn (): User => User::query()->with('shop')->where('sign_in', 'rush')->firstOrFail();

switch ($argv[1]) {
    case 'set-up':
        Artisan::call('migrate:fresh', ['--force' => true]);
        $shop = Shop::query()->create(['name' => 'Shop in a rush', 'town' => 'Varrsund', 'safety_profile' => 'us']);
        User::query()->create([
            'shop_id' => $shop->id,
            'name' => 'Rush',
            'sign_in' => 'rush',
            'password' => 'long-enough-1',
            'role' => Role::HeadButcher,
        ]);
        foreach (LOTS as $number) {
            [$status, $body] = $ask($head(), 'POST', 'case/lots', [
                'number' => $number,
                'cut' => 'salmon-loin',
                'weight_g' => 900_000,
                'price_per_kg' => 28,
                'parasite_frozen' => true,
                'rearing' => 'farmed',
            ]);
            if ($status !== 201) {
                throw new RuntimeException("No lot: {$body}");
            }
        }
        array_map(unlink(...), glob("{$answers}-*") ?: []);
        break;

    case 'sell':
    case 'give':
        $user = $head();
        mt_srand((int) $argv[2]);
        $out = fopen("{$answers}-{$argv[2]}", 'w');
        $until = microtime(true) + (float) $argv[3];
        $given = [];
        for ($i = 0; microtime(true) < $until; $i++) {
            $lot = LOTS[mt_rand(0, 2)];
            $key = "rush-{$argv[2]}-{$i}";
            $dice = $argv[1] === 'give' ? 0 : mt_rand(0, 9);
            try {
                $id = $dice < 5 ? 0 : (int) Lot::query()->where('number', $lot)->value('id');
                [$verb, $path, $body] = match (true) {
                    $dice < 5 => [
                        'POST',
                        'tickets',
                        [
                            'dishes' => [
                                ['ask' => [...ASK, 'lot' => $lot], 'cautions_read' => ['safety.below_minimum'], 'sold_g' => 100],
                            ],
                            'units' => 'metric',
                        ],
                    ],
                    $dice === 5 => [
                        'PUT',
                        "case/lots/{$id}",
                        [
                            'number' => $lot,
                            'cut' => 'salmon-loin',
                            'weight_g' => 1,
                            'price_per_kg' => mt_rand(20, 40),
                            'parasite_frozen' => true,
                            'rearing' => 'farmed',
                        ],
                    ],
                    $dice === 6 => ['POST', "case/lots/{$id}/moves", ['kind' => 'counted', 'grams' => mt_rand(500_000, 900_000)]],
                    $dice === 7 => ['POST', "case/lots/{$id}/moves", ['kind' => 'weighed_out', 'grams' => mt_rand(1, 500)]],
                    $dice === 8 => [
                        'POST',
                        'case/import',
                        [
                            'lots' => [
                                [
                                    'number' => $lot,
                                    'cut' => 'salmon-loin',
                                    'weight_g' => mt_rand(500_000, 900_000),
                                    'price_per_kg' => 30,
                                    'parasite_frozen' => true,
                                    'rearing' => 'farmed',
                                ],
                            ],
                        ],
                    ],
                    default => $given === [] ? ['GET', 'case', []] : ['POST', 'tickets/'.array_pop($given).'/take-back', []],
                };
                foreach (mt_rand(0, 3) === 0 ? [1, 2] : [1] as $time) {
                    // now and then pressed twice
                    [$status, $answer] = $ask($user, $verb, $path, $body, ['Idempotency-Key' => $key]);
                    if ($status >= 500 && $argv[1] === 'sell') {
                        fwrite($out, "500 {$verb} {$path} ".substr($answer, 0, 300)."\n");
                    }
                    if ($path === 'tickets' && $status === 201) {
                        $ticket = json_decode($answer, true)['id'];
                        $given[] = $ticket;
                        fwrite($out, "given {$key} {$ticket}\n");
                    }
                }
            } catch (Throwable) {
                // the database is gone: a seller would try again under the same key
                usleep(200_000);
                Illuminate\Support\Facades\DB::purge();
            }
        }
        break;

    case 'cut':
        // some lots become others, to the gram or not at all; what was not answered is asked again under its key
        $user = $head();
        mt_srand(100 + (int) $argv[2]);
        for ($i = 0; $i < (int) $argv[3]; $i++) {
            $body = null;
            for ($try = 0; $try < 400; $try++) {
                try {
                    if ($body === null) {
                        $rows = Lot::query()
                            ->where('left_g', '>', 60)
                            ->inRandomOrder()
                            ->limit(mt_rand(1, 3))
                            ->get(['number', 'left_g']);
                        $from = $rows
                            ->map(
                                static fn (Lot $lot): array => [
                                    'lot' => $lot->number,
                                    'g' => mt_rand(0, 2) === 0 || $lot->left_g < 2000
                                            ? (int) $lot->left_g
                                            : mt_rand(30, (int) $lot->left_g),
                                ],
                            )
                            ->all();
                        $outG = $inG = array_sum(array_column($from, 'g'));
                        $to = [];
                        for ($n = mt_rand(1, 2); $n > 0 && $outG > 200; $n--) {
                            $g = mt_rand(1, $outG);
                            $outG -= $g;
                            $number = "C{$argv[2]}-{$i}-{$n}";
                            $to[] = ['number' => $number, 'cut' => 'salmon-loin', 'weight_g' => $g, 'price_per_kg' => 28];
                        }
                        $outG > 20 && $to !== [] && ($to[0]['weight_g'] += $outG - 5) && ($outG = 5); // little is thrown away
                        $body = ['from' => $from, 'to' => $to, 'loss_g' => $outG];
                    }
                    [$status] = $ask($user, 'POST', 'makings', $body, [
                        'Idempotency-Key' => 'cuts-'.md5((string) json_encode($body)),
                    ]);
                    if ($status === 201) {
                        break;
                    }
                    $body = $status >= 500 ? $body : null; // somebody else took of it meanwhile: others are cut
                    $status >= 500 && usleep(50_000);
                } catch (Throwable) {
                    usleep(100_000);
                    Illuminate\Support\Facades\DB::purge();
                }
            }
        }
        break;

    case 'check-cuts':
        $problems = [];
        $makings = 0;
        $lost = 0;
        foreach (Illuminate\Support\Facades\DB::table('makings')->get() as $making) {
            $of = Illuminate\Support\Facades\DB::table('making_lots')->where('making_id', $making->id);
            [$in, $out] = [(clone $of)->where('is_source', true)->sum('g'), (clone $of)->where('is_source', false)->sum('g')];
            (int) $in === (int) $out + $making->loss_g ||
                ($problems[] = "Making {$making->id}: {$in} g in, {$out} g out, {$making->loss_g} g lost.");
            $lost += $making->loss_g;
            $makings++;
        }
        foreach (Lot::query()->get() as $lot) {
            $moved = (int) LotMove::query()->where('lot_id', $lot->id)->sum('change_g');
            $lot->left_g === $moved || ($problems[] = "Lot {$lot->number}: {$lot->left_g} g left, {$moved} g by its moves.");
        }
        $left = (int) Lot::query()->sum('left_g');
        $received = (int) LotMove::query()->where('kind', MoveKind::Received)->sum('change_g');
        $received === $left + $lost || ($problems[] = "{$received} g came in, {$left} g are there, {$lost} g were lost.");
        $makings >= 0.98 * (int) $argv[2] || ($problems[] = "Only {$makings} of {$argv[2]} cuts were made: this shows little.");
        printf(
            "cuts: %d makings, %d lots, %d g lost of %d, %d problems.\n",
            $makings,
            Lot::query()->count(),
            $lost,
            $received,
            count($problems),
        );
        if ($problems !== []) {
            echo implode("\n", array_slice($problems, 0, 10)), "\n";
            exit(1);
        }
        break;

    case 'check':
        $problems = [];
        foreach (Lot::query()->get() as $lot) {
            $moved = (int) LotMove::query()->where('lot_id', $lot->id)->sum('change_g');
            $last = (int) LotMove::query()->where('lot_id', $lot->id)->orderByDesc('id')->value('left_g');
            if ($lot->left_g !== $moved || $last !== $moved) {
                $problems[] = "Lot {$lot->number}: {$lot->left_g} g left, {$moved} g by its moves, {$last} g by the last of them.";
            }
        }
        $byKey = [];
        $errors = 0;
        foreach (glob("{$answers}-*") ?: [] as $file) {
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
                if (str_starts_with($line, '500')) {
                    $errors++;
                    $problems[] = $line;
                } elseif (preg_match('/^given (\S+) (\S+)$/', $line, $found) === 1) {
                    $byKey[$found[1]][$found[2]] = true;
                }
            }
        }
        foreach ($byKey as $key => $tickets) {
            count($tickets) === 1 || ($problems[] = "{$key} was answered with ".count($tickets).' tickets.');
        }
        $confirmed = array_merge(...array_map(array_keys(...), array_values($byKey)) ?: [[]]);
        $kept = Ticket::query()->whereIn('id', $confirmed)->count();
        (count($confirmed) === $kept && count($confirmed) === count(array_unique($confirmed))) ||
            ($problems[] = count($confirmed)." tickets were confirmed, {$kept} are there.");
        foreach (Ticket::query()->withCount([])->get() as $ticket) {
            $kinds = LotMove::query()
                ->where('ticket_id', $ticket->id)
                ->pluck('kind')
                ->map(static fn (MoveKind $kind): string => $kind->value)
                ->sort()
                ->values()
                ->all();
            $expected = $ticket->taken_back_at === null ? ['sold'] : ['sold', 'taken_back'];
            $kinds === $expected || ($problems[] = "Ticket {$ticket->number} moved ".implode(', ', $kinds));
        }
        count($confirmed) > 10 || ($problems[] = 'Hardly anything was sold: this shows nothing.');
        $numbers = Ticket::query()->orderBy('number')->pluck('number')->all();
        $numbers === range(1, count($numbers)) || $numbers === [] || ($problems[] = 'The numbers have a hole, or one twice.');
        printf(
            "%s: %d tickets (%d confirmed), %d moves, %d problems.\n",
            $argv[2],
            count($numbers),
            count($confirmed),
            LotMove::query()->count(),
            count($problems),
        );
        if ($problems !== []) {
            echo implode("\n", array_slice($problems, 0, 10)), "\n";
            exit(1);
        }
        break;

    case 'mutate':
        mt_srand(27);
        $user = $head();
        $lotId = (int) Lot::query()->value('id');
        $ticket = json_decode(
            $ask($user, 'POST', 'tickets', [
                'dishes' => [['ask' => [...ASK, 'lot' => 'R1'], 'cautions_read' => ['safety.below_minimum']]],
                'units' => 'metric',
            ])[1],
            true,
        )['id'];
        $good = [
            'ask' => ASK,
            'dishes' => [['ask' => ASK, 'cautions_read' => []]],
            'cut' => 'lamb-rump',
            'thickness_mm' => 45,
            'diners' => [['count' => 2, 'avoid' => ['mustard']]],
            'wish' => ['diners' => [['count' => 2]]],
            'line' => '4 lamb rump mr',
            'now' => '2026-11-27T10:00:00+01:00',
            'units' => 'metric',
            'cautions_read' => [],
            'number' => 'M1',
            'weight_g' => 100,
            'price_per_kg' => 10,
            'kind' => 'counted',
            'grams' => 5,
            'name' => 'Una',
            'place' => 'uk',
            'sign_in' => 'una',
            'role' => 'cutter',
            'password' => 'long-enough-3',
            'profile' => 'us',
            'time_zone' => 'UTC',
            'lots' => [['number' => 'M2', 'cut' => 'lamb-rump', 'weight_g' => 1, 'price_per_kg' => 1]],
            'cuts' => [],
            'names' => [],
            'schools' => ['turning' => 'once'],
        ];
        $odd = [
            null,
            true,
            -1,
            0,
            1e308,
            -1e-9,
            '',
            ' ',
            "\u{202e}x",
            str_repeat('9', 400),
            'É',
            [],
            [[]],
            ['a' => ['b' => 1]],
            '2026-02-30',
            '=1+1',
            '../../x',
            "a'b\"c",
            'usda_quality:',
            ':',
            '%',
            '\\',
        ];
        $paths = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            foreach (str_starts_with($route->uri(), 'api/v1/') ? array_diff($route->methods(), ['HEAD']) : [] as $verb) {
                $paths[] = [$verb, substr($route->uri(), 7)];
            }
        }
        $statuses = [];
        for ($i = 0; $i < (int) $argv[2]; $i++) {
            // every address with every type in turn
            [$verb, $path] = $paths[intdiv($i, count(TYPES)) % count($paths)];
            $type = TYPES[$i % count(TYPES)];
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                static fn (array $m): string => mt_rand(0, 2) === 0
                    ? (rawurlencode((string) (is_scalar($bad = $odd[mt_rand(0, count($odd) - 1)]) ? $bad : 'x')) ?:
                    '0')
                    : [
                        'lot' => (string) $lotId,
                        'ticket' => $ticket,
                        'user' => (string) $user->id,
                        'slug' => 'lamb-rump',
                        'format' => 'json',
                        'school' => 'turning',
                        'scale' => 'usda_quality',
                        'value' => 'choice',
                    ][$m[1]] ?? '1',
                $path,
            );
            if (($verb === 'DELETE' && str_starts_with($path, 'session')) || ($verb !== 'GET' && str_starts_with($path, 'staff/'))) {
                continue; // the seller stays signed in and employed
            }
            $body = $good;
            for ($changes = mt_rand(1, 4); $changes > 0; $changes--) {
                $at = &$body;
                for ($depth = mt_rand(1, 3); $depth > 0 && is_array($at) && $at !== []; $depth--) {
                    $at = &$at[array_rand($at)];
                }
                $at = $odd[mt_rand(0, count($odd) - 1)];
                unset($at);
            }
            $body = array_intersect_key($body, array_flip((array) array_rand($good, mt_rand(1, count($good)))));
            $text = (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR);
            $text = match (mt_rand(0, 14)) {
                0 => substr($text, 0, mt_rand(0, strlen($text))),
                1 => substr_replace($text, chr(mt_rand(0, 255)), mt_rand(0, strlen($text)), 1),
                2 => 'null',
                default => $text,
            };
            $query =
                mt_rand(0, 3) === 0
                    ? '?'.
                        http_build_query([
                            'find' => $odd[mt_rand(0, count($odd) - 1)],
                            'page' => $odd[mt_rand(0, count($odd) - 1)],
                            'customer' => $odd[mt_rand(0, count($odd) - 1)],
                            'cuts' => $odd[mt_rand(0, count($odd) - 1)],
                        ])
                    : '';
            $started = hrtime(true);
            [$status, $answer] = $ask(
                $user,
                $verb,
                $path.$query,
                $verb === 'GET' ? '' : $text,
                [
                    'Content-Type' => $type,
                    ...mt_rand(0, 9) === 0
                        ? ['Idempotency-Key' => (string) (is_scalar($k = $odd[mt_rand(0, count($odd) - 1)]) ? $k : 'k')]
                        : [],
                ],
            );
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            $seconds = (hrtime(true) - $started) / 1e9;
            if ($status >= 500 || $seconds > 3.0 || str_contains($answer, 'vendor/') || str_contains($answer, 'SQLSTATE')) {
                printf(
                    "%d in %.1f s: %s %s %s\n%s\n",
                    $status,
                    $seconds,
                    $verb,
                    $path.$query,
                    substr($text, 0, 400),
                    substr($answer, 0, 500),
                );
                exit(1);
            }
        }
        ksort($statuses);
        echo "{$i} broken requests: ", json_encode($statuses), ", none over 3 s, no 500, no leak.\n";
        break;
}
