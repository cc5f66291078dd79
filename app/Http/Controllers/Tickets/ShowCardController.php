<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Http\Requests\ShowCardRequest;
use App\Models\Ticket;
use App\Services\CardPdf;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ShowCardController
{
    #[
        OA\Get(
            path: '/tickets/{ticket}/card.pdf',
            operationId: 'showCard',
            summary: 'The take-home card',
            parameters: [
                new OA\Parameter(name: 'ticket', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(
                    name: 'units',
                    in: 'query',
                    required: false,
                    schema: new OA\Schema(type: 'string', enum: ['metric', 'imperial']),
                ),
                new OA\Parameter(
                    name: 'paper',
                    in: 'query',
                    required: false,
                    description: 'A5, the 80 mm roll of a counter printer, or A4 in large type',
                    schema: new OA\Schema(type: 'string', enum: ['a5', 'roll', 'large']),
                ),
                new OA\Parameter(
                    name: 'language',
                    in: 'query',
                    required: false,
                    description: 'else the ticket’s own',
                    schema: new OA\Schema(type: 'string', enum: ['en', 'nl', 'fr', 'de', 'es']),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'PDF',
                    content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')),
                ),
            ],
        ),
    ]
    public function __invoke(ShowCardRequest $request, Ticket $ticket, CardPdf $card): Response
    {
        $ticket->load(Ticket::SHOWN);
        $pdf = $card->render($ticket, $request->units($ticket), $request->language($ticket), $request->paper());

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="nessmark-ticket-%d.pdf"', $ticket->number),
        ]);
    }
}
