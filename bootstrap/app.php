<?php

declare(strict_types=1);

use App\Http\Middleware\OwnWritesSeen;
use App\Http\Middleware\RequestId;
use App\Http\Middleware\RoomFirst;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SoundInput;
use App\Http\Outage;
use App\Http\OutOfRoom;
use App\Http\ProblemDetails;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Nessmark\Errors\CoreException;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', api: __DIR__.'/../routes/api.php', apiPrefix: 'api/v1', health: '/up')
    ->withCommands([__DIR__.'/../app/Console/Commands', __DIR__.'/../routes/console.php'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // same-origin only
        $middleware->append([RequestId::class, SecurityHeaders::class, RoomFirst::class, SoundInput::class]);
        $middleware->trustHosts(
            at: static fn (): array => ['^'.preg_quote((string) parse_url(config()->string('app.url'), PHP_URL_HOST)).'$'],
            subdomains: false,
        );
        $middleware->preventRequestsDuringMaintenance(except: ['health']); // whether a new version is well is asked before it is let in
        $middleware->statefulApi();
        $middleware->api(append: [OwnWritesSeen::class]);
        $middleware->prependToPriorityList(AuthenticatesRequests::class, OwnWritesSeen::class); // whoever asks and what is asked for too
        $middleware->redirectGuestsTo(fn (Request $request): ?string => $request->is('api/*') ? null : '/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Refused input is no fault of ours, and a full disk is not mended by writing about it.
        $exceptions->dontReport([CoreException::class, UniqueConstraintViolationException::class, OutOfRoom::class]);
        // The values of a statement may be names, or a session: what failed is told without them.
        $exceptions->report(static function (QueryException $error): bool {
            Log::error('A statement failed.', [
                'statement' => $error->getSql(),
                'state' => (string) $error->getCode(),
                'driver_code' => $error->errorInfo[1] ?? null,
                'request' => RequestId::current(),
            ]);

            return false;
        });
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->render(
            fn (Throwable $error, Request $request) => match (true) {
                $request->is('api/*') => ProblemDetails::of($error),
                Outage::is($error) => Outage::page(),
                default => null,
            },
        );
    })
    ->create();

// Data, logs, keys and the database live in one folder of the project that git ignores. Tests use one of their own.
$var = getenv('NESSMARK_VAR') ?: dirname(__DIR__).'/var';
$app->useStoragePath("{$var}/storage");
$app->useEnvironmentPath($var);

return $app;
