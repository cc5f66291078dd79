<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Http\Resources\SessionResource;
use App\Models\User;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowSessionController
{
    #[OA\Get(path: '/session', operationId: 'showSession', summary: 'Who is signed in', responses: [
        new OA\Response(response: 200, description: 'The session', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
        new OA\Response(response: 401, description: 'Nobody', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Request $request): SessionResource
    {
        /** @var User $user */
        $user = $request->user();

        return new SessionResource($user->load('shop'));
    }
}
