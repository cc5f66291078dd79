<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Actions\TakeTicketBack;
use App\Http\Resources\TicketResource;
use App\Models\Ticket;
use App\Models\User;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class TakeTicketBackController
{
    #[
        OA\Post(
            path: '/tickets/{ticket}/take-back',
            operationId: 'takeTicketBack',
            summary: 'Take a ticket back with its meat, within ten minutes',
            parameters: [new OA\Parameter(name: 'ticket', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Taken back, now or before',
                    content: new OA\JsonContent(ref: '#/components/schemas/StoredTicket'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'Too late',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, Ticket $ticket, TakeTicketBack $takeBack): TicketResource
    {
        /** @var User $user */
        $user = $request->user();

        return new TicketResource($takeBack->execute($user, $ticket)->load(Ticket::SHOWN));
    }
}
