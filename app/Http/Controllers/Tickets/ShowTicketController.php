<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Http\Resources\TicketResource;
use App\Models\Ticket;
use OpenApi\Attributes as OA;

final class ShowTicketController
{
    #[
        OA\Get(
            path: '/tickets/{ticket}',
            operationId: 'showTicket',
            summary: 'A kept ticket, unchanged',
            parameters: [new OA\Parameter(name: 'ticket', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The ticket',
                    content: new OA\JsonContent(ref: '#/components/schemas/StoredTicket'),
                ),
                new OA\Response(response: 404, description: 'None', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            ],
        ),
    ]
    public function __invoke(Ticket $ticket): TicketResource
    {
        return new TicketResource($ticket->load(Ticket::SHOWN));
    }
}
