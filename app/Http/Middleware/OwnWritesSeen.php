<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** With replicas: who has just changed something reads from where it was written, until the replicas must have it too. */
final class OwnWritesSeen
{
    /** A replica that is further behind is broken; the shop is told to watch for it (our choice). */
    private const BEHIND_AT_MOST_S = 15;

    private const WROTE_AT = 'wrote_at';

    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->hasSession() || config('database.connections.mariadb.read') === null) {
            return $next($request);
        }
        $connection = DB::connection();
        $wroteAt = $request->session()->get(self::WROTE_AT);
        $connection->setRecordModificationState(is_int($wroteAt) && now()->getTimestamp() - $wroteAt < self::BEHIND_AT_MOST_S);
        $response = $next($request);
        if (! $request->isMethodSafe()) {
            $request->session()->put(self::WROTE_AT, now()->getTimestamp());
        }

        return $response;
    }
}
