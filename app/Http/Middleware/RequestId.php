<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/** Every request has a number: in the log, in the reply, and on the screen when something went wrong. */
final class RequestId
{
    private const KEY = 'request';

    public function handle(Request $request, Closure $next): Response
    {
        Context::add(self::KEY, bin2hex(random_bytes(6)));
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('X-Request-Id', self::current());

        return $response;
    }

    public static function current(): string
    {
        $id = Context::get(self::KEY);

        return is_string($id) ? $id : '';
    }
}
