<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// Who comes again, if they want to be known. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'NameToForget',
        type: 'object',
        additionalProperties: false,
        required: ['name'],
        properties: [new OA\Property(property: 'name', type: 'string')],
    ),
    OA\Schema(
        schema: 'NameForgotten',
        type: 'object',
        additionalProperties: false,
        required: ['stood_on'],
        properties: [new OA\Property(property: 'stood_on', type: 'integer', description: 'tickets and bench orders')],
    ),
]
#[
    OA\Schema(
        schema: 'NewCustomer',
        type: 'object',
        additionalProperties: false,
        required: ['name'],
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'appliances', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'fires', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(
                property: 'language',
                oneOf: [new OA\Schema(type: 'string', enum: ['en', 'nl', 'fr', 'de', 'es']), new OA\Schema(type: 'null')],
                description: 'of their cards; null: the shop’s',
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Customer',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'name', 'appliances', 'fires', 'units', 'language', 'tickets', 'last_at'],
        properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'appliances', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'fires', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(
                property: 'language',
                oneOf: [new OA\Schema(type: 'string', enum: ['en', 'nl', 'fr', 'de', 'es']), new OA\Schema(type: 'null')],
            ),
            new OA\Property(property: 'tickets', type: 'integer'),
            new OA\Property(property: 'last_at', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CustomerList',
        type: 'object',
        additionalProperties: false,
        required: ['customers'],
        properties: [new OA\Property(property: 'customers', type: 'array', items: new OA\Items(ref: '#/components/schemas/Customer'))],
    ),
]
final class CustomerSchemas {}
