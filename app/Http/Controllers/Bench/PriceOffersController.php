<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Models\User;
use App\Services\ShopCatalogue;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\OfferReport;
use OpenApi\Attributes as OA;

final class PriceOffersController
{
    #[
        OA\Post(
            path: '/true-price',
            operationId: 'priceOffers',
            summary: 'Offers side by side: a kilo as bought, trimmed and cooked, a portion eaten, and what turns their order',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/OffersAsked')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/Offers')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, OfferReport $offers, Stock $stock, ShopCatalogue $catalogues): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $lots = $stock->of($user->shop, $catalogues->of($user->shop));

        return new JsonResponse($offers->of(json_decode($request->getContent(), true), $lots, $user->shop->currency));
    }
}
