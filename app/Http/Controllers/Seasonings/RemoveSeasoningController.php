<?php

declare(strict_types=1);

namespace App\Http\Controllers\Seasonings;

use App\Models\User;
use App\Services\ShopShelf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class RemoveSeasoningController
{
    #[
        OA\Delete(
            path: '/seasonings/{slug}',
            operationId: 'removeSeasoning',
            summary: 'Remove a seasoning of the shop\'s own that no other is made of',
            parameters: [new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(response: 204, description: 'Removed'),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, string $slug, ShopShelf $shelves): Response
    {
        /** @var User $user */
        $user = $request->user();
        $shelves->remove($user->shop, $slug);

        return new Response(status: 204);
    }
}
