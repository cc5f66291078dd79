<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Actions\Once;
use App\Actions\StoreTicket;
use App\Http\OnceKey;
use App\Http\Requests\StoreTicketRequest;
use App\Http\Resources\TicketResource;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class StoreTicketController
{
    #[
        OA\Post(
            path: '/tickets',
            operationId: 'storeTicket',
            summary: 'Keep a ticket; under one Idempotency-Key once',
            parameters: [new OA\Parameter(ref: '#/components/parameters/OnceKey')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewTicket')),
            responses: [
                new OA\Response(
                    response: 201,
                    description: 'Kept',
                    content: new OA\JsonContent(ref: '#/components/schemas/StoredTicket'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'A stop, a caution not read out, or no longer what was seen',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(StoreTicketRequest $request, StoreTicket $store, Once $once): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $given = $once->run(
            $user,
            OnceKey::of($request),
            static fn (): array => [
                'ticket' => $store->execute(
                    $user,
                    $request->dishes(),
                    $request->units(),
                    $request->customerLabel(),
                    $request->customer(),
                    $request->language(),
                )->id,
            ],
        );

        return (new TicketResource(Ticket::query()->with(Ticket::SHOWN)->whereKey($given['ticket'])->firstOrFail()))
            ->response()
            ->setStatusCode(201);
    }
}
