<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\BenchRefused;
use App\Actions\Once;
use App\Actions\QueueBench;
use App\Http\OnceKey;
use App\Models\BenchOrder;
use App\Models\Customer;
use App\Models\User;
use App\Services\BenchAsk;
use App\Services\BenchSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class SendToBenchController
{
    #[
        OA\Post(
            path: '/bench',
            operationId: 'sendToBench',
            summary: 'An ask to the bench before its ticket is given, or for the case',
            parameters: [new OA\Parameter(ref: '#/components/parameters/OnceKey')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ToBench')),
            responses: [
                new OA\Response(response: 201, description: 'Made', content: new OA\JsonContent(ref: '#/components/schemas/BenchWork')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'There is nothing to do at the bench',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, BenchAsk $asks, QueueBench $queue, BenchSheet $sheet, Once $once): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        [$dish, $ticket, $lot] = $asks->read($user->shop, $request->json('ask'));
        $known = $request->integer('customer_id') === 0
            ? null
            : Customer::query()->where('shop_id', $user->shop_id)->findOrFail($request->integer('customer_id'));
        $customer = $known->name ?? $request->string('customer')->trim()->limit(60, '')->toString();
        $sent = $once->run(
            $user,
            OnceKey::of($request),
            static fn (): array => [
                'id' => $queue->execute($user, $dish, $ticket, $lot, $customer === '' ? null : $customer, $known?->id)->id ?? null,
            ],
        );

        return new JsonResponse(
            $sheet->row(BenchOrder::query()->findOr($sent['id'], fn () => throw BenchRefused::nothingToDo()), $user),
            201,
        );
    }
}
