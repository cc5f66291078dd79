<?php

declare(strict_types=1);

namespace App\Http\Controllers\Advice;

use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\HowThickReport;
use OpenApi\Attributes as OA;

final class AdviseThicknessController
{
    #[
        OA\Post(
            path: '/how-thick',
            operationId: 'adviseThickness',
            summary: 'How thick to cut it: the same ask at three thicknesses side by side',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Ask')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/HowThick')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key; what is not sliced to order is not asked how thick',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(
        Request $request,
        HowThickReport $report,
        Stock $stock,
        House $house,
        ShopCatalogue $catalogues,
        ShopShelf $shelves,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $ask = json_decode($request->getContent(), true);
        [, $lot] = $stock->soldFrom($user->shop, is_array($ask) ? $ask['lot'] ?? null : null);
        if (is_array($ask) && isset($ask['eat_at'])) {
            $ask['now'] ??= $user->shop->now()->format(DATE_ATOM);
        }
        [$rules, $catalogue, $shelf] = [$house->rules($user->shop), $catalogues->of($user->shop), $shelves->of($user->shop)];

        return new JsonResponse($report->of($ask, $rules, $catalogue, $shelf, $lot, $user->shop->currency));
    }
}
