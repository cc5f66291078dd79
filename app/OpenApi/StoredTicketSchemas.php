<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What is kept. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'NewDish',
        type: 'object',
        additionalProperties: false,
        required: ['ask', 'cautions_read'],
        properties: [
            new OA\Property(property: 'ask', ref: '#/components/schemas/Ask'),
            new OA\Property(
                property: 'cautions_read',
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'ids of the findings that were read out',
            ),
            new OA\Property(
                property: 'sold_g',
                type: 'integer',
                nullable: true,
                description: 'as weighed; left out, what the ticket says',
            ),
            new OA\Property(
                property: 'seen',
                type: 'string',
                nullable: true,
                description: 'id of what was on screen: refused if it would come out otherwise by now',
            ),
            new OA\Property(property: 'bench_order', type: 'integer', nullable: true, description: 'sent ahead to the bench'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'NewTicket',
        type: 'object',
        additionalProperties: false,
        required: ['dishes', 'units'],
        properties: [
            new OA\Property(
                property: 'dishes',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/NewDish'),
                minItems: 1,
                maxItems: 6,
            ),
            new OA\Property(property: 'customer_label', type: 'string', nullable: true),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(property: 'customer_id', type: 'integer', nullable: true),
            new OA\Property(
                property: 'language',
                oneOf: [new OA\Schema(type: 'string', enum: ['en', 'nl', 'fr', 'de', 'es']), new OA\Schema(type: 'null')],
                description: 'of the card; null: the customer’s, or the shop’s',
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StoredDish',
        type: 'object',
        additionalProperties: false,
        required: ['ask', 'ticket', 'cautions_read', 'sold_g', 'price', 'answer'],
        properties: [
            new OA\Property(property: 'ask', ref: '#/components/schemas/Ask'),
            new OA\Property(property: 'ticket', ref: '#/components/schemas/DishTicket'),
            new OA\Property(property: 'cautions_read', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'sold_g', type: 'integer', nullable: true),
            new OA\Property(property: 'price', type: 'number', nullable: true, description: 'of what was sold'),
            new OA\Property(
                property: 'answer',
                type: 'string',
                nullable: true,
                description: 'the customer’s to "How was it?", a key of the wording’s section "answer"',
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StoredTicket',
        type: 'object',
        additionalProperties: false,
        required: [
            'id',
            'number',
            'customer_label',
            'units',
            'language',
            'replaces',
            'replaced_by',
            'changes',
            'given_by',
            'given_at',
            'engine_version',
            'is_current_engine',
            'can_be_taken_back',
            'taken_back_at',
            'card_link',
            'total',
            'currency',
            'dishes',
        ],
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'customer_label', type: 'string', nullable: true),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(property: 'language', type: 'string', enum: ['en', 'nl', 'fr', 'de', 'es']),
            new OA\Property(property: 'replaces', ref: '#/components/schemas/OtherTicket', nullable: true),
            new OA\Property(property: 'replaced_by', ref: '#/components/schemas/OtherTicket', nullable: true),
            new OA\Property(
                property: 'changes',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/Phrase'),
                description: 'otherwise than on the one it replaces',
            ),
            new OA\Property(property: 'given_by', type: 'string'),
            new OA\Property(property: 'given_at', type: 'string'),
            new OA\Property(property: 'engine_version', type: 'string'),
            new OA\Property(property: 'is_current_engine', type: 'boolean'),
            new OA\Property(property: 'can_be_taken_back', type: 'boolean'),
            new OA\Property(property: 'taken_back_at', type: 'string', nullable: true),
            new OA\Property(
                property: 'card_link',
                type: 'object',
                nullable: true,
                additionalProperties: false,
                description: 'where the card opens on a phone; null: nowhere, or no more',
                required: ['url', 'expires_at'],
                properties: [new OA\Property(property: 'url', type: 'string'), new OA\Property(property: 'expires_at', type: 'string')],
            ),
            new OA\Property(property: 'total', type: 'number', nullable: true, description: 'of all dishes that have a price'),
            new OA\Property(property: 'currency', type: 'string'),
            new OA\Property(property: 'dishes', type: 'array', items: new OA\Items(ref: '#/components/schemas/StoredDish')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'OtherTicket',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'number'],
        properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'number', type: 'integer')],
    ),
]
#[
    OA\Schema(
        schema: 'DishSummary',
        type: 'object',
        additionalProperties: false,
        required: ['cut_name', 'method', 'verdict', 'thickness_mm', 'doneness', 'diners'],
        properties: [
            new OA\Property(property: 'cut_name', type: 'string'),
            new OA\Property(property: 'method', type: 'string'),
            new OA\Property(property: 'verdict', type: 'string', enum: ['clear', 'caution', 'stop']),
            new OA\Property(property: 'thickness_mm', type: 'number'),
            new OA\Property(property: 'doneness', type: 'string'),
            new OA\Property(property: 'diners', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TicketSummary',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'number', 'customer_label', 'dishes', 'given_by', 'given_at', 'taken_back_at'],
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'customer_label', type: 'string', nullable: true),
            new OA\Property(property: 'dishes', type: 'array', items: new OA\Items(ref: '#/components/schemas/DishSummary')),
            new OA\Property(property: 'given_by', type: 'string'),
            new OA\Property(property: 'given_at', type: 'string'),
            new OA\Property(property: 'taken_back_at', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'TicketList',
        type: 'object',
        additionalProperties: false,
        required: ['tickets', 'page', 'has_more'],
        properties: [
            new OA\Property(property: 'tickets', type: 'array', items: new OA\Items(ref: '#/components/schemas/TicketSummary')),
            new OA\Property(property: 'page', type: 'integer'),
            new OA\Property(property: 'has_more', type: 'boolean'),
        ],
    ),
]
final class StoredTicketSchemas {}
