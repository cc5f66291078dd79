<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\MoveStock;
use App\Actions\Once;
use App\Http\OnceKey;
use App\Http\Requests\MoveLotRequest;
use App\Models\Lot;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class MoveLotController
{
    #[
        OA\Post(
            path: '/case/lots/{lot}/moves',
            operationId: 'moveLot',
            summary: 'Weigh out, throw away with a reason, count again, or take more in',
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/OnceKey'),
                new OA\Parameter(name: 'lot', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewMove')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/LotNumber')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'There is less left',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(MoveLotRequest $request, Lot $lot, MoveStock $move, Once $once): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $move = static fn (): array => [
            'number' => $move->execute($lot, $user, $request->kind(), $request->grams(), $request->reason())->number,
        ];

        return new JsonResponse($once->run($user, OnceKey::of($request), $move));
    }
}
