<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Devices\CounterScale;
use App\Http\Resources\ScaleShown;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ReadScaleController
{
    #[
        OA\Get(
            path: '/scale',
            operationId: 'readScale',
            summary: 'What the counter scale says just now, and whether it may be believed',
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/ScaleReading')),
            ],
        ),
    ]
    public function __invoke(Request $request, CounterScale $scale): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse(ScaleShown::of($scale->look($user->shop)));
    }
}
