<?php

declare(strict_types=1);

namespace App\Http\Controllers\ShopCatalogue;

use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Contract\CatalogueFile;
use Nessmark\Contract\OwnCutReader;
use OpenApi\Attributes as OA;

final class AddCutController
{
    #[
        OA\Post(
            path: '/cuts',
            operationId: 'addCut',
            summary: 'Add a cut of the shop\'s own, told as another cut and what differs; the same name again changes it',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/OwnCut')),
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
    public function __invoke(Request $request, ShopCatalogue $catalogues, CatalogueFile $file): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $cut = OwnCutReader::read(json_decode($request->getContent(), true), $catalogues->of($user->shop));
        $catalogues->change($user->shop, fn (ShopChanges $before): ShopChanges => $file->addCut($cut, $catalogues->shipped, $before));

        return new JsonResponse(['slug' => $cut['slug']], 201);
    }
}
