<?php

declare(strict_types=1);

namespace App\Http\Controllers\ShopCatalogue;

use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nessmark\Catalogue\ShopChanges;
use OpenApi\Attributes as OA;

final class RemoveCutController
{
    #[
        OA\Delete(
            path: '/cuts/{slug}',
            operationId: 'removeCut',
            summary: 'Remove a cut of the shop\'s own; shipped ones can only be hidden',
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
    public function __invoke(Request $request, string $slug, ShopCatalogue $catalogues): Response
    {
        /** @var User $user */
        $user = $request->user();
        $catalogues->change($user->shop, fn (ShopChanges $before): ShopChanges => $before->withoutCut($slug));

        return new Response(status: 204);
    }
}
