<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Http\Resources\LotMoveResource;
use App\Models\Lot;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListMovesController
{
    #[
        OA\Get(
            path: '/case/lots/{lot}/moves',
            operationId: 'listMoves',
            summary: 'What happened to a lot, newest first',
            parameters: [new OA\Parameter(name: 'lot', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/LotMoves')),
            ],
        ),
    ]
    public function __invoke(Lot $lot): JsonResponse
    {
        $moves = $lot->moves()->with('user')->orderByDesc('id')->limit(100)->get();

        return new JsonResponse(['moves' => LotMoveResource::collection($moves)->resolve()]);
    }
}
