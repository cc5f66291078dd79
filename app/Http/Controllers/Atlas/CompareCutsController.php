<?php

declare(strict_types=1);

namespace App\Http\Controllers\Atlas;

use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\CompareReport;
use OpenApi\Attributes as OA;

final class CompareCutsController
{
    #[
        OA\Get(
            path: '/compare',
            operationId: 'compareCuts',
            summary: 'Two to four cuts side by side',
            parameters: [
                new OA\Parameter(
                    name: 'cuts',
                    in: 'query',
                    required: true,
                    description: 'slugs parted by commas',
                    schema: new OA\Schema(type: 'string'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Line by line, differences marked',
                    content: new OA\JsonContent(ref: '#/components/schemas/Comparison'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, ShopCatalogue $catalogues, CompareReport $report): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $slugs = array_values(array_filter(explode(',', $request->string('cuts')->toString())));

        return new JsonResponse($report->of(array_map($catalogues->of($user->shop)->cut(...), $slugs)));
    }
}
