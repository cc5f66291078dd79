<?php

declare(strict_types=1);

namespace App\Http\Controllers\Seasonings;

use App\Models\User;
use App\Services\House;
use App\Services\RecipeUpload;
use App\Services\ShopShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\RecipeReader;
use Nessmark\Seasoning\Shelf;
use OpenApi\Attributes as OA;

final class ImportSeasoningsController
{
    #[
        OA\Post(
            path: '/seasonings/import',
            operationId: 'importSeasonings',
            summary: 'Take seasonings from a file; every error is listed by row, and then nothing is taken',
            requestBody: new OA\RequestBody(
                required: true,
                content: [
                    new OA\MediaType('application/json', schema: new OA\Schema(type: 'object')),
                    new OA\MediaType('application/ld+json', schema: new OA\Schema(type: 'object')),
                    new OA\MediaType('text/csv', schema: new OA\Schema(type: 'string')),
                ],
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Taken',
                    content: new OA\JsonContent(ref: '#/components/schemas/SeasoningsTaken'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, ShopShelf $shelves, House $house, RecipeReader $reader): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $profile = $house->rules($user->shop)->standard->profile;
        $taken = $shelves->keep(
            $user->shop,
            static fn (Shelf $shelf): array => $reader->readAll(RecipeUpload::decoded($request, $shelf), $shelf, $profile),
        );

        return new JsonResponse(['taken' => count($taken)]);
    }
}
