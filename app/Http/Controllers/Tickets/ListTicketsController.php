<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Http\Requests\ListTicketsRequest;
use App\Http\Resources\TicketSummaryResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListTicketsController
{
    #[
        OA\Get(
            path: '/tickets',
            operationId: 'listTickets',
            summary: 'The shop\'s tickets, newest first',
            parameters: [
                new OA\Parameter(
                    name: 'find',
                    in: 'query',
                    required: false,
                    schema: new OA\Schema(type: 'string', maxLength: 60),
                    description: 'Part of a cut or customer, or a number',
                ),
                new OA\Parameter(name: 'customer', in: 'query', required: false, schema: new OA\Schema(type: 'integer')),
                new OA\Parameter(name: 'page', in: 'query', required: false, schema: new OA\Schema(type: 'integer', minimum: 1)),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'A page of tickets',
                    content: new OA\JsonContent(ref: '#/components/schemas/TicketList'),
                ),
            ],
        ),
    ]
    public function __invoke(ListTicketsRequest $request): JsonResponse
    {
        $page = $request->tickets()->simplePaginate(perPage: 30, page: $request->page());

        return new JsonResponse([
            'tickets' => TicketSummaryResource::collection($page->items())->resolve(),
            'page' => $page->currentPage(),
            'has_more' => $page->hasMorePages(),
        ]);
    }
}
