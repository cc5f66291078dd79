<?php

declare(strict_types=1);

namespace App\Http\Controllers\ShopCatalogue;

use App\Http\Requests\NameRequest;
use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\Response;
use Nessmark\Catalogue\ShopChanges;
use OpenApi\Attributes as OA;

final class RemoveNameController
{
    #[
        OA\Delete(
            path: '/cuts/{slug}/names',
            operationId: 'removeName',
            summary: 'Remove a local name of the shop\'s own',
            parameters: [new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LocalName')),
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
    public function __invoke(NameRequest $request, string $slug, ShopCatalogue $catalogues): Response
    {
        /** @var User $user */
        $user = $request->user();
        $catalogues->change(
            $user->shop,
            fn (ShopChanges $before): ShopChanges => $before->withoutName($slug, $request->place(), $request->name()),
        );

        return new Response(status: 204);
    }
}
