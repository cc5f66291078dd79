<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What is computed; the ticket itself comes from its classes (Reflected).
#[
    OA\Schema(
        schema: 'Phrase',
        type: 'object',
        additionalProperties: false,
        required: ['key', 'args'],
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(
                property: 'args',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(
                    oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')],
                ),
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Advice',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'ticket'],
        properties: [
            new OA\Property(property: 'id', type: 'string', description: 'of what is seen; giving names it'),
            new OA\Property(property: 'ticket', ref: '#/components/schemas/DishTicket'),
        ],
    ),
]
final class TicketSchemas {}
