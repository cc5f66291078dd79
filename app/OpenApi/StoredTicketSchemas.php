<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What is kept. The front end reads its types from these.
#[OA\Schema(schema: 'NewTicket', type: 'object', additionalProperties: false, required: ['ask', 'cautions_read', 'units'], properties: [
    new OA\Property(property: 'ask', ref: '#/components/schemas/Ask'),
    new OA\Property(property: 'customer_label', type: 'string', nullable: true),
    new OA\Property(property: 'cautions_read', type: 'array', items: new OA\Items(type: 'string'), description: 'ids of the findings that were read out'),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
    new OA\Property(property: 'customer_id', type: 'integer', nullable: true),
    new OA\Property(property: 'sold_g', type: 'integer', nullable: true, description: 'as weighed; left out, what the ticket says'),
])]
#[OA\Schema(schema: 'StoredTicket', type: 'object', additionalProperties: false, required: ['id', 'number', 'customer_label', 'units', 'given_by', 'given_at', 'cautions_read', 'engine_version', 'is_current_engine', 'can_be_taken_back', 'taken_back_at', 'ask', 'ticket'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'number', type: 'integer'),
    new OA\Property(property: 'customer_label', type: 'string', nullable: true),
    new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
    new OA\Property(property: 'given_by', type: 'string'),
    new OA\Property(property: 'given_at', type: 'string'),
    new OA\Property(property: 'cautions_read', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'engine_version', type: 'string'),
    new OA\Property(property: 'is_current_engine', type: 'boolean'),
    new OA\Property(property: 'can_be_taken_back', type: 'boolean'),
    new OA\Property(property: 'taken_back_at', type: 'string', nullable: true),
    new OA\Property(property: 'ask', ref: '#/components/schemas/Ask'),
    new OA\Property(property: 'ticket', ref: '#/components/schemas/Ticket'),
])]
#[OA\Schema(schema: 'TicketSummary', type: 'object', additionalProperties: false, required: ['id', 'number', 'customer_label', 'cut_name', 'method', 'verdict', 'thickness_mm', 'doneness', 'diners', 'given_by', 'given_at', 'taken_back_at'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'number', type: 'integer'),
    new OA\Property(property: 'customer_label', type: 'string', nullable: true),
    new OA\Property(property: 'cut_name', type: 'string'),
    new OA\Property(property: 'method', type: 'string'),
    new OA\Property(property: 'verdict', type: 'string', enum: ['clear', 'caution', 'stop']),
    new OA\Property(property: 'thickness_mm', type: 'number'),
    new OA\Property(property: 'doneness', type: 'string'),
    new OA\Property(property: 'diners', type: 'integer'),
    new OA\Property(property: 'given_by', type: 'string'),
    new OA\Property(property: 'given_at', type: 'string'),
    new OA\Property(property: 'taken_back_at', type: 'string', nullable: true),
])]
#[OA\Schema(schema: 'TicketList', type: 'object', additionalProperties: false, required: ['tickets', 'page', 'has_more'], properties: [
    new OA\Property(property: 'tickets', type: 'array', items: new OA\Items(ref: '#/components/schemas/TicketSummary')),
    new OA\Property(property: 'page', type: 'integer'),
    new OA\Property(property: 'has_more', type: 'boolean'),
])]
final class StoredTicketSchemas {}
