<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Http\Resources\TicketResource;
use App\Models\Ticket;
use App\Services\Language;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

final class ChangeCardLanguageController
{
    #[
        OA\Put(
            path: '/tickets/{ticket}/language',
            operationId: 'changeCardLanguage',
            summary: 'The language its card is set in, on paper and on the phone',
            parameters: [new OA\Parameter(name: 'ticket', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    type: 'object',
                    additionalProperties: false,
                    required: ['language'],
                    properties: [new OA\Property(property: 'language', type: 'string', enum: ['en', 'nl', 'fr', 'de', 'es'])],
                ),
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Done',
                    content: new OA\JsonContent(ref: '#/components/schemas/StoredTicket'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, Ticket $ticket): TicketResource
    {
        $request->validate(['language' => ['required', Rule::enum(Language::class)]]);
        $ticket->update(['language' => $request->enum('language', Language::class)]);

        return new TicketResource($ticket->load(Ticket::SHOWN));
    }
}
