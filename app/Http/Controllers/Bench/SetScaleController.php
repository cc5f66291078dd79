<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Devices\CounterScale;
use App\Devices\DeviceLost;
use App\Http\Requests\ScaleDoRequest;
use App\Http\Resources\ScaleShown;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class SetScaleController
{
    #[
        OA\Post(
            path: '/scale',
            operationId: 'setScale',
            summary: 'Tare or zero the counter scale; on the stand-in also put something on its pan, or take it off',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ScaleDo')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/ScaleReading')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(ScaleDoRequest $request, CounterScale $scale): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        try {
            $request->hand() === null ?: $scale->hand($request->hand());
        } catch (DeviceLost) {
            // said by the next look
        }
        $seen = match ($request->word()) {
            'tare' => $scale->tare($user->shop),
            'zero' => $scale->zero($user->shop),
            default => $scale->look($user->shop),
        };

        return new JsonResponse(ScaleShown::of($seen));
    }
}
