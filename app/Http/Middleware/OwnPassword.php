<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Services\Wording;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A password somebody else knows opens nothing until it is changed. */
final readonly class OwnPassword
{
    private const MAY = ['api/v1/session', 'api/v1/session/password'];

    public function __construct(private Wording $wording) {}

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->must_change_password && ! in_array($request->path(), self::MAY, true)) {
            throw new ConflictHttpException($this->wording->text('problem', 'password.change_first'));
        }

        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
