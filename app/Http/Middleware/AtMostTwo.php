<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\ProblemDetails;
use App\Models\User;
use Closure;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** One person's heavy questions never take all the workers: the third at once is told to wait. */
final readonly class AtMostTwo
{
    private const AT_ONCE = 2;

    /** A question that was killed lets go after so long, s. */
    private const LONGEST_S = 30;

    private const RETRY_S = '2';

    public function __construct(private LockProvider $locks) {}

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $user */
        $user = $request->user();
        for ($place = 0; $place < self::AT_ONCE; $place++) {
            $lock = $this->locks->lock("heavy.{$user->id}.{$place}", self::LONGEST_S);
            if ($lock->get() === true) {
                try {
                    return $next($request);
                } finally {
                    $lock->release();
                }
            }
        }
        $wait = ProblemDetails::said(429, 'too_many');
        $wait->headers->set('Retry-After', self::RETRY_S);

        return $wait;
    }
}
