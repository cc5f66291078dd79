<?php

declare(strict_types=1);

namespace App\Http\Controllers\Advice;

use App\Http\Requests\AskRequest;
use App\Models\User;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\Json;
use Nessmark\Contract\Seen;
use OpenApi\Attributes as OA;

final class AdviseController
{
    #[
        OA\Post(
            path: '/advice',
            operationId: 'advise',
            summary: 'Compute the ticket for an ask',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Ask')),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The ticket',
                    content: new OA\JsonContent(ref: '#/components/schemas/Advice'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(AskRequest $request, TicketAssembly $tickets, Stock $stock): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        [, $lot] = $stock->soldFrom($user->shop, $request->json('lot'));

        $ticket = $tickets->advise($request->ask($lot), $user->shop->currency);

        return new JsonResponse(['id' => Seen::id($ticket), 'ticket' => Json::of($ticket)]);
    }
}
