<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\BenchRefused;
use App\Actions\WorkAtBench;
use App\Devices\CounterScale;
use App\Http\Requests\BenchWeighingRequest;
use App\Models\BenchOrder;
use App\Models\User;
use App\Services\BenchSheet;
use Illuminate\Http\JsonResponse;
use Nessmark\Bench\ScaleState;
use OpenApi\Attributes as OA;

final class WeighBenchOrderController
{
    #[
        OA\Post(
            path: '/bench/{order}/weighings',
            operationId: 'weighBenchOrder',
            summary: 'Weigh before or after: from the scale, which must stand steady, or by hand',
            parameters: [new OA\Parameter(name: 'order', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/BenchWeighing')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/BenchWork')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'No steady weight, more than before, or a yield so far off that somebody should look again',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(
        BenchWeighingRequest $request,
        BenchOrder $order,
        WorkAtBench $work,
        CounterScale $scale,
        BenchSheet $sheet,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $grams = $request->typedG();
        if ($grams === null) {
            $seen = $scale->weigh($user->shop);
            $grams = $seen->state === ScaleState::Steady ? $seen->netG : null;
            if ($grams === null || $grams <= 0) {
                throw BenchRefused::notSteady($seen->state);
            }
        }

        return new JsonResponse($sheet->row($work->weigh($user, $order, $request->isBefore(), $grams, $request->isSure()), $user));
    }
}
