<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// How a shop does it. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'HouseRules',
        type: 'object',
        additionalProperties: false,
        properties: [
            new OA\Property(property: 'profile', type: 'string', enum: ['us', 'uk', 'eu']),
            new OA\Property(property: 'schools', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(property: 'stops_below', type: 'boolean'),
            new OA\Property(property: 'minimum_c', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
            new OA\Property(property: 'portions_pct', type: 'number'),
            new OA\Property(
                property: 'time_zone',
                type: 'string',
                description: 'a zone of the tz database; days and hours are counted in it',
            ),
            new OA\Property(property: 'margin_pct', type: 'number', nullable: true),
            new OA\Property(property: 'names_kept_months', type: 'integer', description: 'after their last ticket'),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(property: 'language', type: 'string'),
            new OA\Property(property: 'currency', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'HouseMinimum',
        type: 'object',
        additionalProperties: false,
        required: ['food_class', 'official_c', 'rest_s'],
        properties: [
            new OA\Property(property: 'food_class', type: 'string'),
            new OA\Property(property: 'official_c', type: 'number'),
            new OA\Property(property: 'rest_s', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'School',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'options', 'default', 'chosen', 'is_computed'],
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'options', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'default', type: 'string'),
            new OA\Property(property: 'chosen', type: 'string'),
            new OA\Property(property: 'is_computed', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'House',
        type: 'object',
        additionalProperties: false,
        required: ['rules', 'schools', 'minimums', 'languages', 'currencies', 'may_change', 'backup_at'],
        properties: [
            new OA\Property(property: 'rules', ref: '#/components/schemas/HouseRules'),
            new OA\Property(property: 'schools', type: 'array', items: new OA\Items(ref: '#/components/schemas/School')),
            new OA\Property(property: 'minimums', type: 'array', items: new OA\Items(ref: '#/components/schemas/HouseMinimum')),
            new OA\Property(property: 'languages', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'currencies', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_change', type: 'boolean'),
            new OA\Property(property: 'backup_at', type: 'string', nullable: true, description: 'of the whole installation, the last'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DifferenceAsked',
        type: 'object',
        additionalProperties: false,
        properties: [
            new OA\Property(property: 'ask', oneOf: [new OA\Schema(ref: '#/components/schemas/Ask'), new OA\Schema(type: 'null')]),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SchoolDifference',
        type: 'object',
        additionalProperties: false,
        required: [
            'option',
            'method',
            'word',
            'target_c',
            'start_c',
            'pull_core_c',
            'peak_core_c',
            'time_s',
            'time_low_s',
            'time_high_s',
            'rest_s',
            'total_s',
            'grey_band_mm',
            'crust_mm',
            'loss_share',
            'verdict',
        ],
        properties: [
            new OA\Property(property: 'option', type: 'string'),
            new OA\Property(property: 'method', type: 'string'),
            new OA\Property(property: 'word', type: 'string'),
            new OA\Property(property: 'target_c', type: 'number'),
            new OA\Property(property: 'start_c', type: 'number'),
            new OA\Property(property: 'pull_core_c', type: 'number'),
            new OA\Property(property: 'peak_core_c', type: 'number'),
            new OA\Property(property: 'time_s', type: 'number'),
            new OA\Property(property: 'time_low_s', type: 'number'),
            new OA\Property(property: 'time_high_s', type: 'number'),
            new OA\Property(property: 'rest_s', type: 'number'),
            new OA\Property(property: 'total_s', type: 'number'),
            new OA\Property(property: 'grey_band_mm', type: 'number', nullable: true),
            new OA\Property(property: 'crust_mm', type: 'number'),
            new OA\Property(property: 'loss_share', type: 'number'),
            new OA\Property(property: 'verdict', type: 'string', enum: ['clear', 'caution', 'stop']),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'SchoolDifferences',
        type: 'object',
        additionalProperties: false,
        required: ['school', 'cut', 'thickness_mm', 'rows'],
        properties: [
            new OA\Property(property: 'school', type: 'string'),
            new OA\Property(property: 'cut', type: 'string'),
            new OA\Property(property: 'thickness_mm', type: 'number'),
            new OA\Property(property: 'rows', type: 'array', items: new OA\Items(ref: '#/components/schemas/SchoolDifference')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'PriceOf',
        type: 'object',
        additionalProperties: false,
        required: ['cost_per_kg', 'margin_pct', 'price_per_kg'],
        properties: [
            new OA\Property(property: 'cost_per_kg', type: 'number'),
            new OA\Property(property: 'margin_pct', type: 'number'),
            new OA\Property(property: 'price_per_kg', type: 'number'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayBookEntry',
        type: 'object',
        additionalProperties: false,
        required: ['at', 'who', 'what', 'about'],
        properties: [
            new OA\Property(property: 'at', type: 'string'),
            new OA\Property(property: 'who', type: 'string'),
            new OA\Property(property: 'what', type: 'string', description: 'a key of the wording’s section "book"'),
            new OA\Property(property: 'about', type: 'object', additionalProperties: true, description: 'figures and numbers of it'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'DayBook',
        type: 'object',
        additionalProperties: false,
        required: ['entries', 'page', 'has_more'],
        properties: [
            new OA\Property(property: 'entries', type: 'array', items: new OA\Items(ref: '#/components/schemas/DayBookEntry')),
            new OA\Property(property: 'page', type: 'integer'),
            new OA\Property(property: 'has_more', type: 'boolean'),
        ],
    ),
]
final class HouseSchemas {}
