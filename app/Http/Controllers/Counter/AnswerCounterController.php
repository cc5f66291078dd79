<?php

declare(strict_types=1);

namespace App\Http\Controllers\Counter;

use App\Models\User;
use App\Services\House;
use App\Services\Refusals;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use App\Services\Stock;
use App\Services\WishData;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\CounterReply;
use Nessmark\Contract\ShopToday;
use OpenApi\Attributes as OA;

final class AnswerCounterController
{
    #[
        OA\Post(
            path: '/counter',
            operationId: 'answerCounter',
            summary: 'One change at the counter: what was read, what fits, and the ticket of what is chosen, under one id',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CounterAsked')),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Done; what cannot be done stands in refused',
                    content: new OA\JsonContent(ref: '#/components/schemas/CounterShown'),
                ),
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
        CounterReply $reply,
        Stock $stock,
        ShopCatalogue $catalogues,
        ShopShelf $shelves,
        House $house,
        Refusals $refusals,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $catalogue = $catalogues->of($user->shop);

        $shop = new ShopToday(
            $stock->of($user->shop, $catalogue),
            $catalogue,
            $house->rules($user->shop),
            $user->shop->currency,
            $shelves->of($user->shop),
        );

        $shown = $reply->to(WishData::of($request->getContent()), $shop);
        if ($shown['refused'] !== null) {
            $shown['refused']['violations'] = $refusals->all($shown['refused']['violations']);
        }

        return new JsonResponse($shown);
    }
}
