<?php

declare(strict_types=1);

namespace App\OpenApi;

use Nessmark\Seasoning\Cure;
use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'SeasoningSummary',
        required: [
            'slug',
            'name',
            'kind',
            'family',
            'groups',
            'strength',
            'is_own', 'is_locked',
            'allergens',
            'may_contain',
            'made_of',
            'keeps_days',
            'cost_per_kg_meat',
        ],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'family', type: 'string'),
            new OA\Property(property: 'groups', type: 'array', items: new OA\Items(type: 'string'), description: 'none: any meat'),
            new OA\Property(property: 'strength', type: 'integer'),
            new OA\Property(property: 'is_own', type: 'boolean'),
            new OA\Property(
                property: 'is_locked',
                type: 'boolean',
                description: 'a cure over what the profile allows: it is neither weighed out nor printed',
            ),
            new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'made_of', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'keeps_days', type: 'integer'),
            new OA\Property(property: 'cost_per_kg_meat', type: 'number'),
        ],
    ),
    OA\Schema(
        schema: 'IngredientSummary',
        required: ['slug', 'name', 'is_curing'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'is_curing', type: 'boolean'),
        ],
    ),
    OA\Schema(
        schema: 'SeasoningShelf',
        required: ['currency', 'seasonings', 'ingredients'],
        properties: [
            new OA\Property(property: 'currency', type: 'string'),
            new OA\Property(property: 'seasonings', type: 'array', items: new OA\Items(ref: '#/components/schemas/SeasoningSummary')),
            new OA\Property(property: 'ingredients', type: 'array', items: new OA\Items(ref: '#/components/schemas/IngredientSummary')),
        ],
    ),
    OA\Schema(
        schema: 'SeasoningPart',
        required: ['name', 'g_per_kg'],
        properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'g_per_kg', type: 'number')],
    ),
    OA\Schema(
        schema: 'SeasoningContents',
        required: ['salt_g', 'sodium_mg', 'sugar_g', 'acid_g', 'alcohol_g', 'fat_g'],
        properties: [
            new OA\Property(property: 'salt_g', type: 'number'),
            new OA\Property(property: 'sodium_mg', type: 'number'),
            new OA\Property(property: 'sugar_g', type: 'number'),
            new OA\Property(property: 'acid_g', type: 'number'),
            new OA\Property(property: 'alcohol_g', type: 'number'),
            new OA\Property(property: 'fat_g', type: 'number'),
        ],
    ),
    OA\Schema(
        schema: 'SeasoningBatch',
        required: ['meat_g', 'total_g', 'cost', 'amounts'],
        properties: [
            new OA\Property(property: 'meat_g', type: 'number'),
            new OA\Property(property: 'total_g', type: 'number'),
            new OA\Property(property: 'cost', type: 'number'),
            new OA\Property(property: 'amounts', type: 'array', items: new OA\Items(ref: '#/components/schemas/DressingAmount')),
        ],
    ),
    OA\Schema(
        schema: 'Seasoning',
        allOf: [
            new OA\Schema(ref: '#/components/schemas/SeasoningSummary'),
            new OA\Schema(
                required: [
                    'g_per_kg',
                    'target_salt_pct',
                    'price_per_kg',
                    'parts',
                    'recipe',
                    'per_100g',
                    'cost_per_kg',
                    'nitrite_ppm',
                    'nitrite_ion_ppm',
                    'nitrite_most_ppm',
                    'cure_use',
                    'is_fresh_in_oil',
                    'why',
                    'batch',
                ],
                properties: [
                    new OA\Property(property: 'g_per_kg', type: 'number'),
                    new OA\Property(property: 'target_salt_pct', type: 'number', nullable: true),
                    new OA\Property(property: 'price_per_kg', type: 'number', nullable: true),
                    new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: '#/components/schemas/SeasoningPart')),
                    new OA\Property(property: 'recipe', ref: '#/components/schemas/OwnSeasoning', nullable: true),
                    new OA\Property(property: 'per_100g', ref: '#/components/schemas/SeasoningContents'),
                    new OA\Property(property: 'cost_per_kg', type: 'number'),
                    new OA\Property(
                        property: 'nitrite_ppm',
                        type: 'number',
                        nullable: true,
                        description: 'as sodium nitrite, of what is weighed out, mg a kilo of meat',
                    ),
                    new OA\Property(property: 'nitrite_ion_ppm', type: 'number', nullable: true, description: 'the same as nitrite ion'),
                    new OA\Property(property: 'nitrite_most_ppm', type: 'number', nullable: true, description: 'as sodium nitrite'),
                    new OA\Property(property: 'cure_use', type: 'string', nullable: true, description: 'what a cure is for'),
                    new OA\Property(property: 'is_fresh_in_oil', type: 'boolean'),
                    new OA\Property(property: 'why', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
                    new OA\Property(property: 'batch', ref: '#/components/schemas/SeasoningBatch'),
                ],
            ),
        ],
    ),
    OA\Schema(
        schema: 'OwnSeasoningPart',
        required: ['of', 'g'],
        properties: [
            new OA\Property(property: 'of', type: 'string', description: 'an ingredient or a seasoning, by its slug'),
            new OA\Property(property: 'g', type: 'number', nullable: true, description: 'in proportion'),
        ],
    ),
    OA\Schema(
        schema: 'OwnSeasoning',
        required: ['name', 'kind', 'g_per_kg', 'parts'],
        properties: [
            new OA\Property(property: 'slug', type: 'string', description: 'left out, made of its name'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'g_per_kg', type: 'number', nullable: true),
            new OA\Property(property: 'groups', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'strength', type: 'integer'),
            new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: '#/components/schemas/OwnSeasoningPart')),
            new OA\Property(property: 'target_salt_pct', type: 'number', nullable: true),
            new OA\Property(property: 'cure_use', type: 'string', enum: Cure::USES),
            new OA\Property(property: 'price_per_kg', type: 'number', nullable: true),
        ],
    ),
    OA\Schema(schema: 'SeasoningAdded', required: ['slug'], properties: [new OA\Property(property: 'slug', type: 'string')]),
    OA\Schema(schema: 'SeasoningsTaken', required: ['taken'], properties: [new OA\Property(property: 'taken', type: 'integer')]),
]
final class SeasoningSchemas {}
