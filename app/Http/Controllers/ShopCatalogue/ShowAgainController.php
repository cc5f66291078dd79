<?php

declare(strict_types=1);

namespace App\Http\Controllers\ShopCatalogue;

use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nessmark\Catalogue\ShopChanges;
use OpenApi\Attributes as OA;

final class ShowAgainController
{
    #[
        OA\Delete(
            path: '/cuts/{slug}/hidden',
            operationId: 'showCutAgain',
            summary: 'Show a hidden cut again',
            parameters: [new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(response: 204, description: 'Done'),
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
        $cut = $catalogues->of($user->shop)->cut($slug);
        $catalogues->change($user->shop, fn (ShopChanges $before): ShopChanges => $before->showing($cut->slug));

        return new Response(status: 204);
    }
}
