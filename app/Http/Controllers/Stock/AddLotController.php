<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\AddLot;
use App\Actions\Once;
use App\Http\OnceKey;
use App\Models\User;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class AddLotController
{
    #[
        OA\Post(
            path: '/case/lots',
            operationId: 'addLot',
            summary: 'Take a lot in',
            parameters: [new OA\Parameter(ref: '#/components/parameters/OnceKey')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewLot')),
            responses: [
                new OA\Response(response: 201, description: 'Made', content: new OA\JsonContent(ref: '#/components/schemas/LotNumber')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, Stock $stock, AddLot $add, Once $once): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $lot = $stock->reader($user->shop)->read(json_decode($request->getContent(), true));
        $added = $once->run($user, OnceKey::of($request), static fn (): array => ['number' => $add->execute($user, $lot)->number]);

        return new JsonResponse($added, 201);
    }
}
