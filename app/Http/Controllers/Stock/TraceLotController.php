<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Models\Lot;
use App\Services\LotTrace;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class TraceLotController
{
    #[
        OA\Get(
            path: '/case/lots/{lot}/trace',
            operationId: 'traceLot',
            summary: 'What a lot was made of, what became of it, and who took some of it home',
            parameters: [
                new OA\Parameter(name: 'lot', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/LotTrace')),
            ],
        ),
    ]
    public function __invoke(Lot $lot, LotTrace $trace): JsonResponse
    {
        return new JsonResponse($trace->of($lot));
    }
}
