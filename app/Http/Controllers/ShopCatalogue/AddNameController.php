<?php

declare(strict_types=1);

namespace App\Http\Controllers\ShopCatalogue;

use App\Http\Requests\NameRequest;
use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Contract\CatalogueFile;
use OpenApi\Attributes as OA;

final class AddNameController
{
    #[
        OA\Post(
            path: '/cuts/{slug}/names',
            operationId: 'addName',
            summary: 'Add a local name of the shop\'s own',
            parameters: [new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LocalName')),
            responses: [
                new OA\Response(response: 201, description: 'Added', content: new OA\JsonContent(ref: '#/components/schemas/CutAdded')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(NameRequest $request, string $slug, ShopCatalogue $catalogues, CatalogueFile $file): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $catalogues->change(
            $user->shop,
            fn (ShopChanges $before): ShopChanges => $file->addName(
                $slug,
                $request->place(),
                $request->name(),
                $catalogues->shipped,
                $before,
            ),
        );

        return new JsonResponse(['slug' => $slug], 201);
    }
}
