<?php

declare(strict_types=1);

namespace App\Http\Controllers\Matching;

use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\Stock;
use App\Services\WishData;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\CounterDesk;
use OpenApi\Attributes as OA;

final class WhyNotController
{
    #[
        OA\Post(
            path: '/why-not',
            operationId: 'whyNot',
            summary: 'Why a cut is not offered, or not first',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/WhyNotAsked')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/WhyNot')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, CounterDesk $desk, Stock $stock, ShopCatalogue $catalogues, House $house): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $catalogue = $catalogues->of($user->shop);
        $data = json_decode($request->getContent(), true);
        $wish = WishData::timed(is_array($data) ? $data['wish'] ?? null : null);
        $cut = is_array($data) && is_string($data['cut'] ?? null) ? $data['cut'] : '';

        return new JsonResponse($desk->whyNot($wish, $cut, $stock->of($user->shop, $catalogue), $catalogue, $house->rules($user->shop)));
    }
}
