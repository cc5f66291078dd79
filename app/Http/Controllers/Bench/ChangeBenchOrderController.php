<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\WorkAtBench;
use App\Http\Requests\BenchMarkRequest;
use App\Models\BenchOrder;
use App\Models\User;
use App\Services\BenchSheet;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ChangeBenchOrderController
{
    #[
        OA\Put(
            path: '/bench/{order}',
            operationId: 'changeBenchOrder',
            summary: 'Take an order of the bench, mark its steps, finish it, put it back or call it off',
            parameters: [
                new OA\Parameter(name: 'order', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/BenchMark')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/BenchWork')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'It is finished already',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(BenchMarkRequest $request, BenchOrder $order, WorkAtBench $work, BenchSheet $sheet): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse($sheet->row($work->mark($user, $order, $request->state(), $request->stepsDone()), $user));
    }
}
