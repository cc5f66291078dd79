<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meal;

use App\Models\User;
use App\Services\MealClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutOnClockController
{
    #[
        OA\Post(
            path: '/clock',
            operationId: 'putOnClock',
            summary: 'A meal on one clock: everything ready together, backwards from the eating; or why not, and what would do',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ClockAsked')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/Clock')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, MealClock $clock): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse($clock->put($user->shop, json_decode($request->getContent(), true)));
    }
}
