<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What lies in the case. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'NewLot',
        type: 'object',
        additionalProperties: false,
        required: ['number', 'cut', 'price_per_kg'],
        properties: [
            new OA\Property(property: 'number', type: 'string'),
            new OA\Property(property: 'cut', type: 'string'),
            new OA\Property(property: 'grade', type: 'string', nullable: true),
            new OA\Property(property: 'thickness_mm', type: 'number', nullable: true),
            new OA\Property(property: 'weight_g', type: 'number', nullable: true),
            new OA\Property(property: 'price_per_kg', type: 'number'),
            new OA\Property(property: 'aged_days', type: 'integer', nullable: true),
            new OA\Property(property: 'packed', type: 'string', enum: ['wet', 'dry']),
            new OA\Property(property: 'origin', type: 'string', nullable: true),
            new OA\Property(property: 'use_by', type: 'string', nullable: true),
            new OA\Property(property: 'parasite_frozen', type: 'boolean'),
            new OA\Property(property: 'pierced', type: 'boolean'),
            new OA\Property(property: 'stuffed', type: 'boolean'),
            new OA\Property(property: 'rearing', type: 'string', nullable: true, description: 'farmed or wild; null: nobody said'),
            new OA\Property(property: 'lead_days', type: 'integer'),
            new OA\Property(property: 'trim_pct', type: 'number', nullable: true, description: 'comes off at the bench'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LotNumber',
        type: 'object',
        additionalProperties: false,
        required: ['number'],
        properties: [new OA\Property(property: 'number', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'CaseLot',
        type: 'object',
        additionalProperties: false,
        required: [
            'id',
            'number',
            'cut',
            'grade',
            'thickness_mm',
            'weight_g',
            'price_per_kg',
            'aged_days',
            'packed',
            'origin',
            'use_by',
            'parasite_frozen',
            'pierced',
            'stuffed',
            'rearing',
            'lead_days',
            'trim_pct',
            'cut_name',
            'group',
            'is_round',
            'fat_pct',
            'days_left',
            'fits_cut',
            'is_whole',
        ],
        properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'number', type: 'string'),
            new OA\Property(property: 'cut', type: 'string'),
            new OA\Property(property: 'grade', type: 'string', nullable: true),
            new OA\Property(property: 'thickness_mm', type: 'number', nullable: true),
            new OA\Property(property: 'weight_g', type: 'number', nullable: true),
            new OA\Property(property: 'price_per_kg', type: 'number'),
            new OA\Property(property: 'aged_days', type: 'integer', nullable: true),
            new OA\Property(property: 'packed', type: 'string', enum: ['wet', 'dry']),
            new OA\Property(property: 'origin', type: 'string', nullable: true),
            new OA\Property(property: 'use_by', type: 'string', nullable: true),
            new OA\Property(property: 'parasite_frozen', type: 'boolean'),
            new OA\Property(property: 'pierced', type: 'boolean'),
            new OA\Property(property: 'stuffed', type: 'boolean'),
            new OA\Property(property: 'rearing', type: 'string', nullable: true, description: 'farmed or wild; null: nobody said'),
            new OA\Property(property: 'lead_days', type: 'integer'),
            new OA\Property(property: 'trim_pct', type: 'number', nullable: true, description: 'comes off at the bench'),
            new OA\Property(property: 'cut_name', type: 'string', nullable: true),
            new OA\Property(property: 'group', type: 'string', nullable: true),
            new OA\Property(property: 'is_round', type: 'boolean'),
            new OA\Property(property: 'fat_pct', type: 'number', nullable: true),
            new OA\Property(property: 'days_left', type: 'integer', nullable: true),
            new OA\Property(property: 'fits_cut', type: 'boolean'),
            new OA\Property(property: 'is_whole', type: 'boolean', description: 'a piece that is cut across into slices'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CaseTotals',
        type: 'object',
        additionalProperties: false,
        required: ['lots', 'weight_g', 'value', 'past', 'due', 'sold_out'],
        properties: [
            new OA\Property(property: 'lots', type: 'integer'),
            new OA\Property(property: 'weight_g', type: 'number'),
            new OA\Property(property: 'value', type: 'number'),
            new OA\Property(property: 'past', type: 'integer'),
            new OA\Property(property: 'due', type: 'integer'),
            new OA\Property(property: 'sold_out', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Case',
        type: 'object',
        additionalProperties: false,
        required: ['currency', 'lots', 'totals', 'may_change'],
        properties: [
            new OA\Property(property: 'currency', type: 'string'),
            new OA\Property(property: 'lots', type: 'array', items: new OA\Items(ref: '#/components/schemas/CaseLot')),
            new OA\Property(property: 'totals', ref: '#/components/schemas/CaseTotals'),
            new OA\Property(property: 'may_change', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'NewMove',
        type: 'object',
        additionalProperties: false,
        required: ['kind', 'grams'],
        properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['weighed_out', 'thrown_away', 'counted', 'received']),
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'reason', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LotMove',
        type: 'object',
        additionalProperties: false,
        required: ['kind', 'change_g', 'left_g', 'reason', 'by', 'at'],
        properties: [
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ['received', 'sold', 'taken_back', 'weighed_out', 'thrown_away', 'counted'],
            ),
            new OA\Property(property: 'change_g', type: 'number'),
            new OA\Property(property: 'left_g', type: 'number'),
            new OA\Property(property: 'reason', type: 'string', nullable: true),
            new OA\Property(property: 'by', type: 'string', nullable: true),
            new OA\Property(property: 'at', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LotMoves',
        type: 'object',
        additionalProperties: false,
        required: ['moves'],
        properties: [new OA\Property(property: 'moves', type: 'array', items: new OA\Items(ref: '#/components/schemas/LotMove'))],
    ),
]
#[
    OA\Schema(
        schema: 'RefusedRow',
        type: 'object',
        additionalProperties: false,
        required: ['row', 'key', 'message'],
        properties: [
            new OA\Property(property: 'row', type: 'integer'),
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(property: 'message', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CaseImported',
        type: 'object',
        additionalProperties: false,
        required: ['received', 'changed', 'refused'],
        properties: [
            new OA\Property(property: 'received', type: 'integer'),
            new OA\Property(property: 'changed', type: 'integer'),
            new OA\Property(property: 'refused', type: 'array', items: new OA\Items(ref: '#/components/schemas/RefusedRow')),
        ],
    ),
]
final class StockSchemas {}
