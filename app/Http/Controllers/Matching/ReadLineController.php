<?php

declare(strict_types=1);

namespace App\Http\Controllers\Matching;

use App\Http\Requests\ReadLineRequest;
use App\Models\User;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use Illuminate\Http\JsonResponse;
use Nessmark\Contract\CounterDesk;
use OpenApi\Attributes as OA;

final class ReadLineController
{
    #[
        OA\Post(
            path: '/ask-line',
            operationId: 'readLine',
            summary: 'Read an ask as people say it',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LineAsked')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/LineRead')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(ReadLineRequest $request, CounterDesk $desk, ShopCatalogue $catalogues, ShopShelf $shelves): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $catalogue = $catalogues->of($user->shop);
        $desk = $desk->at($shelves->of($user->shop));
        $read = $desk->read($request->line(), $request->now(), $catalogue);

        return new JsonResponse([...$read->toArray(), 'suggestions' => $desk->suggestions($request->line(), $catalogue)]);
    }
}
