<?php

declare(strict_types=1);

namespace App\Http\Controllers\ShopCatalogue;

use App\Models\User;
use App\Services\CatalogueUpload;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Contract\CatalogueFile;
use OpenApi\Attributes as OA;

final class ImportCatalogueController
{
    #[
        OA\Post(
            path: '/catalogue/import',
            operationId: 'importCatalogue',
            summary: 'Take cuts, names and hidden cuts from a file; every error is listed by row, and then nothing is taken',
            requestBody: new OA\RequestBody(
                required: true,
                content: [
                    new OA\MediaType('application/json', schema: new OA\Schema(type: 'object')),
                    new OA\MediaType('text/csv', schema: new OA\Schema(type: 'string')),
                ],
            ),
            responses: [
                new OA\Response(response: 200, description: 'Taken', content: new OA\JsonContent(ref: '#/components/schemas/Imported')),
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
        [$data, $firstRow] = CatalogueUpload::decoded($request);
        $changes = $catalogues->change(
            $user->shop,
            fn (ShopChanges $before): ShopChanges => $file->read($data, $catalogues->shipped, $before, $firstRow),
        );

        return new JsonResponse([
            'own_cuts' => count($changes->ownCuts),
            'own_names' => count($changes->names),
            'hidden' => count($changes->hidden),
        ]);
    }
}
