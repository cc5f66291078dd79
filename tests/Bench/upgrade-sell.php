<?php

declare(strict_types=1);

// Gives so many tickets in the installation at argv[1], as tests/Bench/upgrade.sh goes along.

use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require "{$argv[1]}/vendor/autoload.php";
$app = require "{$argv[1]}/bootstrap/app.php";
$app->instance('request', Request::create('https://counter.test'));
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
$user = User::query()->with('shop')->firstOrFail();
$user->update(['must_change_password' => false]);
for ($i = 0; $i < (int) $argv[2]; $i++) {
    $request = Request::create(
        config()->string('app.url').'/api/v1/tickets',
        'POST',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: (string) json_encode([
            'units' => 'metric',
            'dishes' => [
                ['ask' => ['cut' => 'chicken-whole', 'method' => 'oven_roast', 'diners' => [['count' => 4]]], 'cautions_read' => []],
            ],
        ]),
    );
    $app->instance('request', $request);
    $app->make('auth')->forgetGuards();
    $app->make('auth')->guard('web')->setUser($user);
    $answer = $kernel->handle($request);
    if ($answer->getStatusCode() !== 201) {
        fwrite(STDERR, $answer->getStatusCode().' '.$answer->getContent()."\n");
        exit(1);
    }
}
