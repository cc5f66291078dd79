<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Models\User;
use App\Services\BenchSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListBenchController
{
    #[
        OA\Get(
            path: '/bench',
            operationId: 'listBench',
            summary: 'The queue of the bench: what waits, what is in hand, what was finished today',
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/Bench')),
            ],
        ),
    ]
    public function __invoke(Request $request, BenchSheet $sheet): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse($sheet->of($user));
    }
}
