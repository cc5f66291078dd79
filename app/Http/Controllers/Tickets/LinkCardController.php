<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Http\Resources\TicketResource;
use App\Models\CardLink;
use App\Models\Ticket;
use OpenApi\Attributes as OA;

final class LinkCardController
{
    #[
        OA\Post(
            path: '/tickets/{ticket}/card-link',
            operationId: 'linkCard',
            summary: 'A new address for the card on a phone; the one before ends',
            parameters: [new OA\Parameter(name: 'ticket', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Done',
                    content: new OA\JsonContent(ref: '#/components/schemas/StoredTicket'),
                ),
            ],
        ),
    ]
    public function __invoke(Ticket $ticket): TicketResource
    {
        CardLink::open($ticket);

        return new TicketResource($ticket->load(Ticket::SHOWN));
    }
}
