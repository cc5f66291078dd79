<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// The cut atlas. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'FoundAs',
        type: 'object',
        additionalProperties: false,
        required: ['name', 'place'],
        properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'place', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'CutLine',
        type: 'object',
        additionalProperties: false,
        required: [
            'slug',
            'name',
            'group',
            'animal',
            'region',
            'form',
            'tenderness',
            'tenderness_score',
            'fat_pct',
            'fat',
            'flavour',
            'price_class',
            'availability',
            'suits',
            'may_suit',
            'is_own',
            'is_hidden',
            'found_as',
        ],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'group',
                type: 'string',
                enum: ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal'],
            ),
            new OA\Property(property: 'animal', type: 'string'),
            new OA\Property(property: 'region', type: 'string'),
            new OA\Property(property: 'form', type: 'string'),
            new OA\Property(property: 'tenderness', type: 'string'),
            new OA\Property(property: 'tenderness_score', type: 'number'),
            new OA\Property(property: 'fat_pct', type: 'number'),
            new OA\Property(property: 'fat', type: 'string'),
            new OA\Property(property: 'flavour', type: 'integer'),
            new OA\Property(property: 'price_class', type: 'integer'),
            new OA\Property(property: 'availability', type: 'string'),
            new OA\Property(property: 'suits', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_suit', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'is_own', type: 'boolean'),
            new OA\Property(property: 'is_hidden', type: 'boolean'),
            new OA\Property(
                property: 'found_as',
                oneOf: [new OA\Schema(ref: '#/components/schemas/FoundAs'), new OA\Schema(type: 'null')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'NameMeaning',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'places'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'places', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'AmbiguousName',
        type: 'object',
        additionalProperties: false,
        required: ['name', 'question', 'means'],
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'question',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(property: 'means', type: 'array', items: new OA\Items(ref: '#/components/schemas/NameMeaning')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutList',
        type: 'object',
        additionalProperties: false,
        required: ['cuts', 'places', 'ambiguous'],
        properties: [
            new OA\Property(property: 'cuts', type: 'array', items: new OA\Items(ref: '#/components/schemas/CutLine')),
            new OA\Property(property: 'places', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(
                property: 'ambiguous',
                oneOf: [new OA\Schema(ref: '#/components/schemas/AmbiguousName'), new OA\Schema(type: 'null')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LowToHigh',
        type: 'object',
        additionalProperties: false,
        required: ['low', 'high'],
        properties: [new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'high', type: 'number')],
    ),
]
#[
    OA\Schema(
        schema: 'WeightRange',
        type: 'object',
        additionalProperties: false,
        required: ['low', 'typical', 'high'],
        properties: [
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'typical', type: 'number'),
            new OA\Property(property: 'high', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'NamesAtPlace',
        type: 'object',
        additionalProperties: false,
        required: ['place', 'place_name', 'names'],
        properties: [
            new OA\Property(property: 'place', type: 'string'),
            new OA\Property(property: 'place_name', type: 'string'),
            new OA\Property(property: 'names', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LocalName',
        type: 'object',
        additionalProperties: false,
        required: ['place', 'name'],
        properties: [new OA\Property(property: 'place', type: 'string'), new OA\Property(property: 'name', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'ItemNumber',
        type: 'object',
        additionalProperties: false,
        required: ['system', 'number'],
        properties: [new OA\Property(property: 'system', type: 'string'), new OA\Property(property: 'number', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'Muscle',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'in_life', 'work', 'collagen', 'grain', 'is_long_fibred', 'tenderness', 'shear_force_kg'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'in_life', type: 'string'),
            new OA\Property(property: 'work', type: 'string'),
            new OA\Property(property: 'collagen', type: 'string'),
            new OA\Property(property: 'grain', type: 'string'),
            new OA\Property(property: 'is_long_fibred', type: 'boolean'),
            new OA\Property(property: 'tenderness', type: 'string'),
            new OA\Property(
                property: 'shear_force_kg',
                oneOf: [new OA\Schema(ref: '#/components/schemas/LowToHigh'), new OA\Schema(type: 'null')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Covering',
        type: 'object',
        additionalProperties: false,
        required: ['bone', 'bone_pct', 'skin', 'pin_bones', 'membrane', 'fat_cap_mm'],
        properties: [
            new OA\Property(property: 'bone', type: 'string'),
            new OA\Property(property: 'bone_pct', type: 'number'),
            new OA\Property(property: 'skin', type: 'boolean'),
            new OA\Property(property: 'pin_bones', type: 'boolean'),
            new OA\Property(property: 'membrane', type: 'string'),
            new OA\Property(property: 'fat_cap_mm', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutYields',
        type: 'object',
        additionalProperties: false,
        required: ['trim', 'cooking'],
        properties: [
            new OA\Property(property: 'trim', ref: '#/components/schemas/LowToHigh'),
            new OA\Property(property: 'cooking', ref: '#/components/schemas/LowToHigh'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutDoneness',
        type: 'object',
        additionalProperties: false,
        required: ['family', 'default'],
        properties: [new OA\Property(property: 'family', type: 'string'), new OA\Property(property: 'default', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'LookAlike',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'tell'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'tell', ref: '#/components/schemas/Phrase'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MethodFit',
        type: 'object',
        additionalProperties: false,
        required: ['method', 'fit', 'is_computed', 'reasons', 'doubts', 'exception'],
        properties: [
            new OA\Property(property: 'method', type: 'string'),
            new OA\Property(property: 'fit', type: 'string', enum: ['good', 'possible', 'poor']),
            new OA\Property(property: 'is_computed', type: 'boolean'),
            new OA\Property(property: 'reasons', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'doubts', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'exception', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'InsteadOfGrades',
        type: 'object',
        additionalProperties: false,
        required: ['text', 'signs'],
        properties: [
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'signs', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutPage',
        type: 'object',
        additionalProperties: false,
        required: [
            'slug',
            'name',
            'group',
            'animal',
            'region',
            'form',
            'tenderness',
            'tenderness_score',
            'fat_pct',
            'fat',
            'flavour',
            'price_class',
            'availability',
            'suits',
            'may_suit',
            'is_own',
            'is_hidden',
            'region_name',
            'names',
            'own_names',
            'ambiguous',
            'item_numbers',
            'muscles',
            'thickness_mm',
            'weight_g',
            'is_round',
            'per_animal',
            'covering',
            'composition_pct',
            'yields_pct',
            'slice',
            'doneness',
            'recognise',
            'look_alikes',
            'methods',
            'grades',
            'instead_of_grades',
            'cautions',
            'sources',
        ],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'group',
                type: 'string',
                enum: ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal'],
            ),
            new OA\Property(property: 'animal', type: 'string'),
            new OA\Property(property: 'region', type: 'string'),
            new OA\Property(property: 'form', type: 'string'),
            new OA\Property(property: 'tenderness', type: 'string'),
            new OA\Property(property: 'tenderness_score', type: 'number'),
            new OA\Property(property: 'fat_pct', type: 'number'),
            new OA\Property(property: 'fat', type: 'string'),
            new OA\Property(property: 'flavour', type: 'integer'),
            new OA\Property(property: 'price_class', type: 'integer'),
            new OA\Property(property: 'availability', type: 'string'),
            new OA\Property(property: 'suits', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_suit', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'is_own', type: 'boolean'),
            new OA\Property(property: 'is_hidden', type: 'boolean'),
            new OA\Property(property: 'region_name', type: 'string'),
            new OA\Property(property: 'names', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamesAtPlace')),
            new OA\Property(property: 'own_names', type: 'array', items: new OA\Items(ref: '#/components/schemas/LocalName')),
            new OA\Property(property: 'ambiguous', type: 'array', items: new OA\Items(ref: '#/components/schemas/AmbiguousName')),
            new OA\Property(property: 'item_numbers', type: 'array', items: new OA\Items(ref: '#/components/schemas/ItemNumber')),
            new OA\Property(property: 'muscles', type: 'array', items: new OA\Items(ref: '#/components/schemas/Muscle')),
            new OA\Property(property: 'thickness_mm', ref: '#/components/schemas/ThicknessBounds'),
            new OA\Property(property: 'weight_g', ref: '#/components/schemas/WeightRange'),
            new OA\Property(property: 'is_round', type: 'boolean'),
            new OA\Property(property: 'per_animal', type: 'integer', nullable: true),
            new OA\Property(property: 'covering', ref: '#/components/schemas/Covering'),
            new OA\Property(
                property: 'composition_pct',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'number'),
            ),
            new OA\Property(property: 'yields_pct', ref: '#/components/schemas/CutYields'),
            new OA\Property(property: 'slice', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'doneness', ref: '#/components/schemas/CutDoneness'),
            new OA\Property(property: 'recognise', type: 'string'),
            new OA\Property(property: 'look_alikes', type: 'array', items: new OA\Items(ref: '#/components/schemas/LookAlike')),
            new OA\Property(property: 'methods', type: 'array', items: new OA\Items(ref: '#/components/schemas/MethodFit')),
            new OA\Property(property: 'grades', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(
                property: 'instead_of_grades',
                oneOf: [new OA\Schema(ref: '#/components/schemas/InsteadOfGrades'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'sources', type: 'array', items: new OA\Items(ref: '#/components/schemas/Source')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Substitute',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'time_s', 'changes'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'time_s', type: 'number', nullable: true),
            new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SubstituteList',
        type: 'object',
        additionalProperties: false,
        required: ['substitutes'],
        properties: [
            new OA\Property(property: 'substitutes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Substitute')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ComparedCut',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'group', 'animal', 'region'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'group', type: 'string'),
            new OA\Property(property: 'animal', type: 'string'),
            new OA\Property(property: 'region', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ComparedRow',
        type: 'object',
        additionalProperties: false,
        required: ['key', 'values', 'differs'],
        properties: [
            new OA\Property(property: 'key', type: 'string'),
            new OA\Property(
                property: 'values',
                type: 'array',
                items: new OA\Items(
                    oneOf: [
                        new OA\Schema(type: 'number'),
                        new OA\Schema(type: 'string'),
                        new OA\Schema(type: 'array', items: new OA\Items(type: 'string')),
                    ],
                ),
            ),
            new OA\Property(property: 'differs', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Comparison',
        type: 'object',
        additionalProperties: false,
        required: ['cuts', 'rows'],
        properties: [
            new OA\Property(property: 'cuts', type: 'array', items: new OA\Items(ref: '#/components/schemas/ComparedCut')),
            new OA\Property(property: 'rows', type: 'array', items: new OA\Items(ref: '#/components/schemas/ComparedRow')),
        ],
    ),
]
final class AtlasSchemas {}
