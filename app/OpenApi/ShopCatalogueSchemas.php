<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What a shop makes of the catalogue. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'OwnCut',
        type: 'object',
        additionalProperties: false,
        required: ['like', 'name'],
        properties: [
            new OA\Property(property: 'like', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'thickness_mm', ref: '#/components/schemas/ThicknessBounds'),
            new OA\Property(property: 'weight_g', ref: '#/components/schemas/WeightRange'),
            new OA\Property(property: 'fat_cap_mm', type: 'number'),
            new OA\Property(property: 'price_class', type: 'integer'),
            new OA\Property(property: 'availability', type: 'string', enum: ['daily', 'some_days', 'on_order']),
            new OA\Property(property: 'recognise', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CutAdded',
        type: 'object',
        additionalProperties: false,
        required: ['slug'],
        properties: [new OA\Property(property: 'slug', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'Imported',
        type: 'object',
        additionalProperties: false,
        required: ['own_cuts', 'own_names', 'hidden'],
        properties: [
            new OA\Property(property: 'own_cuts', type: 'integer'),
            new OA\Property(property: 'own_names', type: 'integer'),
            new OA\Property(property: 'hidden', type: 'integer'),
        ],
    ),
]
final class ShopCatalogueSchemas {}
