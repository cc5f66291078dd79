<?php

declare(strict_types=1);

namespace App\Http\Controllers\Matching;

use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use App\Services\Stock;
use App\Services\WishData;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\CounterDesk;
use OpenApi\Attributes as OA;

final class MatchController
{
    #[
        OA\Post(
            path: '/matches',
            operationId: 'match',
            summary: 'What fits a wish, from today\'s case, ranked with reasons; or what would have to give',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Wish')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/Matches')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(
        Request $request,
        CounterDesk $desk,
        Stock $stock,
        ShopCatalogue $catalogues,
        ShopShelf $shelves,
        House $house,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $catalogue = $catalogues->of($user->shop);
        $wish = WishData::of($request->getContent());

        return new JsonResponse([
            ...$desk
                ->at($shelves->of($user->shop))
                ->match($wish, $stock->of($user->shop, $catalogue), $catalogue, $house->rules($user->shop)),
            'currency' => $user->shop->currency,
        ]);
    }
}
