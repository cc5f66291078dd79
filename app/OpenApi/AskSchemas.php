<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// What is asked. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'AskDiner',
        type: 'object',
        additionalProperties: false,
        required: ['count'],
        properties: [
            new OA\Property(property: 'count', type: 'integer'),
            new OA\Property(property: 'appetite', type: 'string', enum: ['small', 'usual', 'hearty']),
            new OA\Property(property: 'at_risk', type: 'boolean'),
            new OA\Property(property: 'doneness', type: 'string', nullable: true),
            new OA\Property(property: 'avoid', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'child', type: 'boolean', description: 'of whatever age'),
            new OA\Property(property: 'under_one', type: 'boolean', description: 'a child in its first year'),
            new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'of_dishes', type: 'integer', description: 'so many dishes of the meal their appetite is for'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'AskSchools',
        type: 'object',
        additionalProperties: false,
        properties: [new OA\Property(property: 'doneness_words', type: 'string', enum: ['kitchen', 'official'])],
    ),
]
#[
    OA\Schema(
        schema: 'Ask',
        type: 'object',
        additionalProperties: false,
        required: ['cut', 'diners'],
        properties: [
            new OA\Property(property: 'cut', type: 'string'),
            new OA\Property(
                property: 'thickness_mm',
                type: 'number',
                nullable: true,
                description: 'left out, as its weight says, or as it is usually cut',
            ),
            new OA\Property(property: 'start_c', type: 'number', nullable: true),
            new OA\Property(property: 'method', type: 'string', nullable: true),
            new OA\Property(property: 'heat_c', type: 'number', nullable: true),
            new OA\Property(property: 'diners', type: 'array', items: new OA\Items(ref: '#/components/schemas/AskDiner')),
            new OA\Property(property: 'appliances', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(
                property: 'profile',
                type: 'string',
                enum: ['us', 'uk', 'eu'],
                description: 'holds beside the house\'s own: stricter, never milder',
            ),
            new OA\Property(property: 'schools', ref: '#/components/schemas/AskSchools'),
            new OA\Property(property: 'parasite_frozen', type: 'boolean'),
            new OA\Property(
                property: 'pierced',
                type: 'boolean',
                description: 'needled, bladed or injected: the outside has been brought inside',
            ),
            new OA\Property(property: 'stuffed', type: 'boolean', description: 'filled: judged at its filling'),
            new OA\Property(
                property: 'rearing',
                type: 'string',
                enum: ['farmed', 'wild'],
                description: 'how the animal lived; left out, as its lot says',
            ),
            new OA\Property(
                property: 'surface',
                type: 'string',
                enum: ['patted', 'dried', 'wet'],
                description: 'how wet the piece goes on the heat',
            ),
            new OA\Property(
                property: 'fires',
                type: 'object',
                description: 'the sort of each appliance, and burner for a pan',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
            ),
            new OA\Property(
                property: 'thin_mm',
                type: 'number',
                nullable: true,
                description: 'thickness of its thin end, where it runs out thin',
            ),
            new OA\Property(
                property: 'points_mm',
                type: 'array',
                items: new OA\Items(type: 'number'),
                nullable: true,
                description: 'true thickness at one to three places along it; their mean goes before thickness_mm',
            ),
            new OA\Property(property: 'cap_mm', type: 'number', nullable: true, description: 'of fat, as found; left out, as usual'),
            new OA\Property(
                property: 'membrane',
                type: 'boolean',
                nullable: true,
                description: 'found on it or not; left out, as usual',
            ),
            new OA\Property(property: 'now', type: 'string', nullable: true),
            new OA\Property(property: 'eat_at', type: 'string', nullable: true),
            new OA\Property(property: 'turns', type: 'string', enum: ['often', 'once'], description: 'left out, as the house does it'),
            new OA\Property(
                property: 'rest',
                type: 'string',
                enum: ['short_open', 'long_covered'],
                description: 'left out, as the house does it',
            ),
            new OA\Property(
                property: 'wrap',
                type: 'string',
                enum: ['at_the_stall', 'bare'],
                description: 'left out, as the house does it',
            ),
            new OA\Property(
                property: 'oven_start',
                type: 'string',
                enum: ['steady', 'hot_first'],
                description: 'left out, as the house does it',
            ),
            new OA\Property(
                property: 'out_of_fridge_s',
                type: 'number',
                nullable: true,
                description: 'standing in the room first; left out, as the house does it',
            ),
            new OA\Property(
                property: 'raw_g',
                type: 'number',
                nullable: true,
                description: 'of each whole piece or of the joint, or in all of what is weighed out; left out, as the portions say',
            ),
            new OA\Property(property: 'pieces', type: 'integer', nullable: true, description: 'left out, as the portions say'),
            new OA\Property(
                property: 'covered',
                type: 'boolean',
                description: 'under a lid or a hood, or not; left out, as is usual for it',
            ),
            new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(
                property: 'seasoning',
                type: 'string',
                nullable: true,
                description: 'one of the shelf, or a family of them; left out, what suits the piece',
            ),
            new OA\Property(
                property: 'salted_ahead_s',
                type: 'number',
                nullable: true,
                description: 'salted so long before the heat; left out, as the house does it',
            ),
            new OA\Property(property: 'lot', type: 'string', nullable: true, description: 'number of the lot it is sold from'),
            new OA\Property(property: 'budget', type: 'number', nullable: true),
            new OA\Property(property: 'grade', type: 'string', nullable: true),
            new OA\Property(property: 'aged_days', type: 'number', nullable: true),
        ],
    ),
]
final class AskSchemas {}
