<?php

declare(strict_types=1);

namespace App\Http\Controllers\Seasonings;

use App\Http\Requests\ScaleRequest;
use App\Services\ShopShelf;
use Illuminate\Http\JsonResponse;
use Nessmark\Contract\SeasoningReport;
use Nessmark\Seasoning\Cure;
use OpenApi\Attributes as OA;

final class ShowSeasoningController
{
    #[
        OA\Get(
            path: '/seasonings/{slug}',
            operationId: 'showSeasoning',
            summary: 'What a seasoning is made of, and so much of it as so much meat wants',
            parameters: [
                new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'meat_g', in: 'query', required: false, schema: new OA\Schema(type: 'number')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The seasoning',
                    content: new OA\JsonContent(ref: '#/components/schemas/Seasoning'),
                ),
                new OA\Response(
                    response: 404,
                    description: 'No such seasoning',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(ScaleRequest $request, string $slug, ShopShelf $shelves, Cure $cure): JsonResponse
    {
        $shelf = $shelves->of($request->shop());
        abort_unless($shelf->knows($slug), 404);

        return new JsonResponse(
            SeasoningReport::of($shelf->seasoning($slug), $shelf, $request->meatG(), $cure, $request->shop()->safety_profile),
        );
    }
}
