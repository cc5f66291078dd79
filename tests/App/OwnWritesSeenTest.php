<?php

declare(strict_types=1);

namespace Tests\App;

use App\Http\Middleware\OwnWritesSeen;
use Illuminate\Auth\Middleware\Authenticate;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/** Where replicas are read from, nobody misses what they have just written themselves. */
final class OwnWritesSeenTest extends AppTestCase
{
    #[TestWith([3, true])]
    #[TestWith([60, false])]
    #[TestWith([null, false])]
    public function test_who_has_just_written_reads_where_it_was_written(?int $secondsAgo, bool $isAtThePrimary): void
    {
        config(['database.connections.mariadb.read' => [['host' => '127.0.0.1']]]);
        $request = $this->request('GET');
        if ($secondsAgo !== null) {
            $request->session()->put('wrote_at', now()->subSeconds($secondsAgo)->getTimestamp());
        }
        $seen = null;
        (new OwnWritesSeen())->handle($request, static function () use (&$seen): Response {
            $seen = DB::connection()->hasModifiedRecords();

            return new Response();
        });

        self::assertSame($isAtThePrimary, $seen);
    }

    public function test_every_change_counts_and_without_replicas_nothing_does(): void
    {
        $isNoted = function (): bool {
            $request = $this->request('POST');
            (new OwnWritesSeen())->handle($request, static fn (): Response => new Response());

            return $request->session()->has('wrote_at');
        };

        self::assertFalse($isNoted());
        config(['database.connections.mariadb.read' => [['host' => '127.0.0.1']]]);
        self::assertTrue($isNoted());
    }

    public function test_it_comes_before_the_first_row_is_looked_for(): void
    {
        $router = $this->app->make(Router::class);
        $route = $router->getRoutes()->match(Request::create('/api/v1/tickets/01HZZZZZZZZZZZZZZZZZZZZZZZ'));
        $at = array_flip(
            array_map(static fn (mixed $name): string => explode(':', (string) $name)[0], $router->gatherRouteMiddleware($route)),
        );

        self::assertLessThan($at[Authenticate::class], $at[OwnWritesSeen::class]);
        self::assertLessThan($at[SubstituteBindings::class], $at[OwnWritesSeen::class]);
    }

    private function request(string $method): Request
    {
        $request = Request::create('/api/v1/case', $method);
        $request->setLaravelSession($this->app->make('session')->driver('array'));
        $request->session()->flush();

        return $request;
    }
}
