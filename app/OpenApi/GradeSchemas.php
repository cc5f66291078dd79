<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// Grade scales and readings. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'GradeStep',
        type: 'object',
        additionalProperties: false,
        required: ['value', 'label', 'note'],
        properties: [
            new OA\Property(property: 'value', type: 'string'),
            new OA\Property(property: 'label', type: 'string'),
            new OA\Property(property: 'note', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GradeNumbers',
        type: 'object',
        additionalProperties: false,
        required: ['min', 'max', 'step'],
        properties: [
            new OA\Property(property: 'min', type: 'number'),
            new OA\Property(property: 'max', type: 'number'),
            new OA\Property(property: 'step', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GradeScale',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'name', 'authority', 'groups', 'measures', 'range', 'note', 'carries_fat', 'numbers', 'steps'],
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'authority', type: 'string'),
            new OA\Property(property: 'groups', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'measures', type: 'string'),
            new OA\Property(property: 'range', type: 'string'),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'carries_fat', type: 'boolean'),
            new OA\Property(
                property: 'numbers',
                oneOf: [new OA\Schema(ref: '#/components/schemas/GradeNumbers'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/GradeStep')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GradeScales',
        type: 'object',
        additionalProperties: false,
        required: ['scales'],
        properties: [new OA\Property(property: 'scales', type: 'array', items: new OA\Items(ref: '#/components/schemas/GradeScale'))],
    ),
]
#[
    OA\Schema(
        schema: 'ReadScale',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'name', 'range', 'note', 'measures'],
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'range', type: 'string'),
            new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'measures', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FatBand',
        type: 'object',
        additionalProperties: false,
        required: ['low_pct', 'mean_pct', 'high_pct', 'uncertainty_points', 'is_unsure'],
        properties: [
            new OA\Property(property: 'low_pct', type: 'number'),
            new OA\Property(property: 'mean_pct', type: 'number'),
            new OA\Property(property: 'high_pct', type: 'number', nullable: true),
            new OA\Property(property: 'uncertainty_points', type: 'number'),
            new OA\Property(property: 'is_unsure', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GradeNeighbour',
        type: 'object',
        additionalProperties: false,
        required: ['scale', 'name', 'from', 'to', 'is_unsure'],
        properties: [
            new OA\Property(property: 'scale', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'from', type: 'string'),
            new OA\Property(property: 'to', type: 'string'),
            new OA\Property(property: 'is_unsure', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'GradeReading',
        type: 'object',
        additionalProperties: false,
        required: ['scale', 'step', 'fat', 'neighbours', 'is_comparable', 'effects', 'sources'],
        properties: [
            new OA\Property(property: 'scale', ref: '#/components/schemas/ReadScale'),
            new OA\Property(property: 'step', ref: '#/components/schemas/GradeStep'),
            new OA\Property(property: 'fat', oneOf: [new OA\Schema(ref: '#/components/schemas/FatBand'), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'neighbours', type: 'array', items: new OA\Items(ref: '#/components/schemas/GradeNeighbour')),
            new OA\Property(property: 'is_comparable', type: 'boolean'),
            new OA\Property(property: 'effects', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'sources', type: 'array', items: new OA\Items(ref: '#/components/schemas/Source')),
        ],
    ),
]
final class GradeSchemas {}
