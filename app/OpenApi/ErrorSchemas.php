<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// How errors are said. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'Violation',
        type: 'object',
        additionalProperties: false,
        required: ['key', 'reason', 'value', 'allowed', 'message', 'says'],
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'value'),
            new OA\Property(property: 'allowed', type: 'string'),
            new OA\Property(property: 'message', type: 'string'),
            new OA\Property(
                property: 'says',
                description: 'what is allowed, for whoever shows it in other units',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Problem',
        type: 'object',
        additionalProperties: false,
        required: ['type', 'title', 'status', 'detail', 'reason', 'violations'],
        properties: [
            new OA\Property(property: 'type', type: 'string'),
            new OA\Property(property: 'title', type: 'string'),
            new OA\Property(property: 'status', type: 'integer'),
            new OA\Property(property: 'detail', type: 'string'),
            new OA\Property(property: 'reason', type: 'string'),
            new OA\Property(property: 'violations', type: 'array', items: new OA\Items(ref: '#/components/schemas/Violation')),
            new OA\Property(property: 'request', type: 'string', description: 'its number in the log, where it was our fault'),
        ],
    ),
]
final class ErrorSchemas {}
