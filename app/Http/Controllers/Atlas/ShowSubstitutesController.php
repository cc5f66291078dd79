<?php

declare(strict_types=1);

namespace App\Http\Controllers\Atlas;

use App\Http\Requests\SubstitutesRequest;
use App\Http\Resources\SubstituteResource;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Nessmark\Advice\Substitutes;
use OpenApi\Attributes as OA;

final class ShowSubstitutesController
{
    #[
        OA\Get(
            path: '/cuts/{slug}/substitutes',
            operationId: 'showSubstitutes',
            summary: 'What to sell instead for a way of cooking, and what changes',
            parameters: [
                new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'method', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The most alike first',
                    content: new OA\JsonContent(ref: '#/components/schemas/SubstituteList'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(SubstitutesRequest $request, string $slug, ShopCatalogue $catalogues, Substitutes $substitutes): JsonResponse
    {
        $catalogue = $catalogues->of($request->shop());
        $found = $substitutes->of($catalogue->cut($slug), $request->cookingMethod(), $catalogue);

        return new JsonResponse(['substitutes' => SubstituteResource::collection($found)]);
    }
}
