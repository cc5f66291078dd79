<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// The queue of the bench, its scale and its printer. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'YieldExpected',
        type: 'object',
        additionalProperties: false,
        required: ['mean_pct', 'low_pct', 'high_pct', 'orders'],
        properties: [
            new OA\Property(property: 'mean_pct', type: 'number'),
            new OA\Property(property: 'low_pct', type: 'number'),
            new OA\Property(property: 'high_pct', type: 'number'),
            new OA\Property(property: 'orders', type: 'integer'),
        ],
    ),
    OA\Schema(
        schema: 'BenchWork',
        type: 'object',
        additionalProperties: false,
        required: [
            'id',
            'cut',
            'cut_name',
            'method',
            'pieces',
            'thickness_mm',
            'lot',
            'customer',
            'ticket',
            'due_at',
            'state',
            'cutter',
            'steps_done',
            'work',
            'before_g',
            'after_g',
            'yield_pct',
            'expected',
        ],
        properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'cut', type: 'string'),
            new OA\Property(property: 'cut_name', type: 'string'),
            new OA\Property(property: 'method', type: 'string'),
            new OA\Property(property: 'pieces', type: 'integer', nullable: true),
            new OA\Property(property: 'thickness_mm', type: 'number'),
            new OA\Property(property: 'lot', type: 'string', nullable: true),
            new OA\Property(property: 'customer', type: 'string', nullable: true),
            new OA\Property(property: 'ticket', type: 'string', nullable: true),
            new OA\Property(property: 'due_at', type: 'string', nullable: true),
            new OA\Property(property: 'state', type: 'string', enum: ['waiting', 'taken', 'done', 'called_off']),
            new OA\Property(property: 'cutter', type: 'string', nullable: true),
            new OA\Property(property: 'steps_done', type: 'array', items: new OA\Items(type: 'integer')),
            new OA\Property(property: 'work', ref: '#/components/schemas/BenchOrder'),
            new OA\Property(property: 'before_g', type: 'integer', nullable: true),
            new OA\Property(property: 'after_g', type: 'integer', nullable: true),
            new OA\Property(property: 'yield_pct', type: 'number', nullable: true),
            new OA\Property(property: 'expected', nullable: true, oneOf: [new OA\Schema(ref: '#/components/schemas/YieldExpected')]),
        ],
    ),
    OA\Schema(
        schema: 'Bench',
        type: 'object',
        additionalProperties: false,
        required: ['orders', 'open', 'work_s', 'stand_ins'],
        properties: [
            new OA\Property(property: 'orders', type: 'array', items: new OA\Items(ref: '#/components/schemas/BenchWork')),
            new OA\Property(property: 'open', type: 'integer'),
            new OA\Property(property: 'work_s', type: 'number'),
            new OA\Property(property: 'stand_ins', type: 'boolean'),
        ],
    ),
    OA\Schema(
        schema: 'ToBench',
        type: 'object',
        additionalProperties: false,
        required: ['ask'],
        properties: [
            new OA\Property(property: 'ask', ref: '#/components/schemas/Ask'),
            new OA\Property(property: 'customer', type: 'string', nullable: true),
            new OA\Property(property: 'customer_id', type: 'integer', nullable: true),
        ],
    ),
    OA\Schema(
        schema: 'BenchMark',
        type: 'object',
        additionalProperties: false,
        required: ['state', 'steps_done'],
        properties: [
            new OA\Property(property: 'state', type: 'string', enum: ['waiting', 'taken', 'done', 'called_off']),
            new OA\Property(property: 'steps_done', type: 'array', items: new OA\Items(type: 'integer')),
        ],
    ),
    OA\Schema(
        schema: 'BenchWeighing',
        type: 'object',
        additionalProperties: false,
        required: ['when'],
        properties: [
            new OA\Property(property: 'when', type: 'string', enum: ['before', 'after']),
            new OA\Property(property: 'typed_g', type: 'number', nullable: true),
            new OA\Property(property: 'sure', type: 'boolean'),
        ],
    ),
    OA\Schema(
        schema: 'LabelPrinted',
        type: 'object',
        additionalProperties: false,
        required: ['printed'],
        properties: [new OA\Property(property: 'printed', type: 'integer')],
    ),
    OA\Schema(
        schema: 'ScaleReading',
        type: 'object',
        additionalProperties: false,
        required: ['state', 'is_steady', 'g', 'tare_g', 'says'],
        properties: [
            new OA\Property(
                property: 'state',
                type: 'string',
                enum: ['steady', 'settling', 'empty', 'drifting', 'not_from_zero', 'over', 'under', 'unreadable', 'lost'],
            ),
            new OA\Property(property: 'is_steady', type: 'boolean'),
            new OA\Property(property: 'g', type: 'integer', nullable: true),
            new OA\Property(property: 'tare_g', type: 'integer'),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
        ],
    ),
    OA\Schema(
        schema: 'ScaleDo',
        type: 'object',
        additionalProperties: false,
        required: ['do'],
        properties: [
            new OA\Property(property: 'do', type: 'string', enum: ['tare', 'zero', 'put', 'take']),
            new OA\Property(property: 'g', type: 'integer', nullable: true),
        ],
    ),
]
final class BenchQueueSchemas {}
