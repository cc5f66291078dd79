<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Actions\Once;
use App\Actions\ReplanTicket;
use App\Http\OnceKey;
use App\Http\Requests\ReplanTicketRequest;
use App\Http\Resources\TicketResource;
use App\Models\Ticket;
use App\Models\User;
use OpenApi\Attributes as OA;

final class ReplanTicketController
{
    #[
        OA\Post(
            path: '/tickets/{ticket}/replan',
            operationId: 'replanTicket',
            summary: 'The same meat for another hour: a new ticket in place of this one, under the same address on the phone',
            parameters: [
                new OA\Parameter(name: 'ticket', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(ref: '#/components/parameters/OnceKey'),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    type: 'object',
                    additionalProperties: false,
                    required: ['eat_at'],
                    properties: [
                        new OA\Property(property: 'eat_at', type: 'string', description: 'with its offset'),
                        new OA\Property(
                            property: 'cautions_read',
                            type: 'array',
                            items: new OA\Items(type: 'string'),
                            description: 'beside those of the old ticket',
                        ),
                    ],
                ),
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The ticket that stands now, with what changed',
                    content: new OA\JsonContent(ref: '#/components/schemas/StoredTicket'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'Changed or taken back already, a stop, or a caution not read out',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'No such hour, or no plan for it',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(ReplanTicketRequest $request, Ticket $ticket, ReplanTicket $replan, Once $once): TicketResource
    {
        /** @var User $user */
        $user = $request->user();
        $given = $once->run(
            $user,
            OnceKey::of($request),
            static fn (): array => ['ticket' => $replan->execute($user, $ticket, $request->eatAt(), $request->cautionsRead())->id],
        );

        return new TicketResource(Ticket::query()->with(Ticket::SHOWN)->whereKey($given['ticket'])->firstOrFail());
    }
}
