<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What may be chosen. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'ThicknessBounds',
        type: 'object',
        additionalProperties: false,
        required: ['min', 'typical', 'max'],
        properties: [
            new OA\Property(property: 'min', type: 'number'),
            new OA\Property(property: 'typical', type: 'number'),
            new OA\Property(property: 'max', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DonenessChoice',
        type: 'object',
        additionalProperties: false,
        required: ['word', 'target_c'],
        properties: [new OA\Property(property: 'word', type: 'string'), new OA\Property(property: 'target_c', type: 'number')],
    ),
]
#[
    OA\Schema(
        schema: 'DonenessChoices',
        type: 'object',
        additionalProperties: false,
        required: ['kitchen', 'official'],
        properties: [
            new OA\Property(property: 'kitchen', type: 'array', items: new OA\Items(ref: '#/components/schemas/DonenessChoice')),
            new OA\Property(property: 'official', type: 'array', items: new OA\Items(ref: '#/components/schemas/DonenessChoice')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutSummary',
        type: 'object',
        additionalProperties: false,
        required: [
            'slug',
            'name',
            'group',
            'is_round',
            'food_class',
            'can_be_pierced',
            'may_carry_parasites',
            'asks_rearing',
            'thickness_mm',
            'weight_g',
            'sold_by',
            'methods',
            'manners',
            'doneness_family',
            'default_doneness',
        ],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(
                property: 'group',
                type: 'string',
                enum: ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal'],
            ),
            new OA\Property(property: 'is_round', type: 'boolean'),
            new OA\Property(property: 'food_class', type: 'string'),
            new OA\Property(
                property: 'may_carry_parasites',
                type: 'boolean',
                description: 'nearly raw only after the parasite freeze, or where the profile exempts it',
            ),
            new OA\Property(property: 'asks_rearing', type: 'boolean', description: 'whether farmed or wild changes its rules'),
            new OA\Property(
                property: 'can_be_pierced',
                type: 'boolean',
                description: 'whether needling it would make its rules stricter',
            ),
            new OA\Property(property: 'thickness_mm', ref: '#/components/schemas/ThicknessBounds'),
            new OA\Property(property: 'weight_g', ref: '#/components/schemas/WeightRange'),
            new OA\Property(property: 'sold_by', type: 'string', enum: ['piece', 'slice', 'joint', 'length', 'bones', 'weight']),
            new OA\Property(property: 'methods', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'manners', type: 'array', items: new OA\Items(ref: '#/components/schemas/MannerChoice')),
            new OA\Property(property: 'doneness_family', type: 'string'),
            new OA\Property(property: 'default_doneness', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'HeatBounds',
        type: 'object',
        additionalProperties: false,
        required: ['min', 'max'],
        properties: [new OA\Property(property: 'min', type: 'number'), new OA\Property(property: 'max', type: 'number')],
    ),
]
#[
    OA\Schema(
        schema: 'MannerChoice',
        type: 'object',
        additionalProperties: false,
        required: ['method', 'of', 'sorts'],
        properties: [
            new OA\Property(property: 'method', type: 'string'),
            new OA\Property(property: 'of', type: 'string', enum: ['covered', 'wrap', 'oven_start'], description: 'key of an ask'),
            new OA\Property(property: 'sorts', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'FireChoice',
        type: 'object',
        additionalProperties: false,
        required: ['of', 'sorts'],
        properties: [
            new OA\Property(property: 'of', type: 'string', description: 'an appliance, or burner'),
            new OA\Property(property: 'sorts', type: 'array', items: new OA\Items(type: 'string'), description: 'the usual one first'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MethodSummary',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'heat_c', 'fires', 'dries'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'heat_c', ref: '#/components/schemas/HeatBounds'),
            new OA\Property(property: 'fires', type: 'array', items: new OA\Items(ref: '#/components/schemas/FireChoice')),
            new OA\Property(property: 'dries', type: 'boolean', description: 'whether it matters how wet the piece goes on'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Catalogue',
        type: 'object',
        additionalProperties: false,
        required: ['cuts', 'doneness', 'methods', 'appetites', 'scales'],
        properties: [
            new OA\Property(
                property: 'doneness',
                description: 'the words of each family',
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/DonenessChoices'),
            ),
            new OA\Property(property: 'cuts', type: 'array', items: new OA\Items(ref: '#/components/schemas/CutSummary')),
            new OA\Property(property: 'methods', type: 'array', items: new OA\Items(ref: '#/components/schemas/MethodSummary')),
            new OA\Property(property: 'appetites', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'scales', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
final class CatalogueSchemas {}
