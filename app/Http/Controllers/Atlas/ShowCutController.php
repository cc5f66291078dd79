<?php

declare(strict_types=1);

namespace App\Http\Controllers\Atlas;

use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\AtlasReport;
use OpenApi\Attributes as OA;

final class ShowCutController
{
    #[
        OA\Get(
            path: '/cuts/{slug}',
            operationId: 'showCut',
            summary: 'Everything known about a cut',
            parameters: [new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(response: 200, description: 'The cut', content: new OA\JsonContent(ref: '#/components/schemas/CutPage')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, string $slug, ShopCatalogue $catalogues, AtlasReport $report): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $catalogue = $catalogues->of($user->shop);

        return new JsonResponse($report->page($catalogue->cut($slug), $catalogue));
    }
}
