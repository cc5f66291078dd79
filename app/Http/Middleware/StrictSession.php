<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

/** Sanctum's own asks for cookies that come along from other sites' links; ours never do. */
final class StrictSession extends EnsureFrontendRequestsAreStateful
{
    protected function configureSecureCookieSessions(): void
    {
        config(['session.http_only' => true, 'session.same_site' => 'strict']);
    }
}
