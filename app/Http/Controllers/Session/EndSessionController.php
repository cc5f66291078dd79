<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

final class EndSessionController
{
    #[OA\Delete(path: '/session', operationId: 'signOut', summary: 'Sign out', responses: [
        new OA\Response(response: 204, description: 'Signed out'),
    ])]
    public function __invoke(Request $request): Response
    {
        /** @var StatefulGuard $guard */
        $guard = Auth::guard('web');
        $guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
