<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\MinceReport;
use OpenApi\Attributes as OA;

final class BlendMinceController
{
    #[
        OA\Post(
            path: '/mince',
            operationId: 'blendMince',
            summary: 'A mince of lots of today\'s case: to a wanted share of fat, at the best price or flavour, weighed to the gram',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/MinceAsked')),
            responses: [
                new OA\Response(response: 200, description: 'The mince', content: new OA\JsonContent(ref: '#/components/schemas/Mince')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key; a fat that cannot be, with the nearest that can',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(
        Request $request,
        MinceReport $mince,
        Stock $stock,
        ShopCatalogue $catalogues,
        House $house,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $lots = $stock->of($user->shop, $catalogues->of($user->shop));
        $report = $mince->of(json_decode($request->getContent(), true), $lots, $house->rules($user->shop)->standard);

        return new JsonResponse([...$report, 'currency' => $user->shop->currency]);
    }
}
