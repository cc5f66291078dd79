<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Models\Ticket;
use App\Services\QrCode;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ShowCardCodeController
{
    #[
        OA\Get(
            path: '/tickets/{ticket}/card-link.svg',
            operationId: 'showCardCode',
            summary: 'The address of the card on a phone, to be read off the screen',
            parameters: [new OA\Parameter(name: 'ticket', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'SVG',
                    content: new OA\MediaType(mediaType: 'image/svg+xml', schema: new OA\Schema(type: 'string')),
                ),
                new OA\Response(response: 404, description: 'No address', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
            ],
        ),
    ]
    public function __invoke(Ticket $ticket): Response
    {
        $link = $ticket->cardLink;
        $code = $link?->isOpen() === true ? QrCode::of($link->url()) : null;
        abort_if($code === null, 404);

        return new Response($code->svg(), 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'no-store']);
    }
}
