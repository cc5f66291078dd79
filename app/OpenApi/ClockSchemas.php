<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// A meal on one clock. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'Begun',
        type: 'object',
        description: 'when a task was begun, by its id',
        additionalProperties: new OA\AdditionalProperties(type: 'string'),
    ),
    OA\Schema(
        schema: 'SideShown',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'serves', 'foods', 'allergens', 'may_contain', 'minutes', 'on'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'serves', type: 'integer'),
            new OA\Property(property: 'foods', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'minutes', type: 'integer'),
            new OA\Property(property: 'on', type: 'string', nullable: true),
        ],
    ),
    OA\Schema(
        schema: 'SideList',
        type: 'object',
        additionalProperties: false,
        required: ['sides'],
        properties: [new OA\Property(property: 'sides', type: 'array', items: new OA\Items(ref: '#/components/schemas/SideShown'))],
    ),
    OA\Schema(
        schema: 'ClockAsked',
        type: 'object',
        additionalProperties: false,
        required: ['asks', 'eat_at', 'now'],
        properties: [
            new OA\Property(property: 'asks', type: 'array', items: new OA\Items(ref: '#/components/schemas/Ask')),
            new OA\Property(property: 'sides', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'eat_at', type: 'string'),
            new OA\Property(property: 'now', type: 'string'),
            new OA\Property(property: 'cooks', type: 'integer', nullable: true),
            new OA\Property(property: 'burners', type: 'integer', nullable: true),
            new OA\Property(property: 'shelves', type: 'integer', nullable: true),
            new OA\Property(property: 'grill_places', type: 'integer', nullable: true),
            new OA\Property(
                property: 'out',
                type: 'array',
                items: new OA\Items(type: 'string', enum: ['burner', 'oven', 'grill']),
                description: 'whose fire has gone out',
            ),
            new OA\Property(property: 'begun', ref: '#/components/schemas/Begun'),
            new OA\Property(property: 'held', ref: '#/components/schemas/Begun', description: 'when somebody wants it begun'),
        ],
    ),
    OA\Schema(
        schema: 'ClockTask',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'dish', 'what', 'stations', 'from_at', 'to_at', 'minutes', 'waits_min', 'hangs'],
        properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'dish', type: 'string'),
            new OA\Property(property: 'what', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'stations', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'from_at', type: 'string'),
            new OA\Property(property: 'to_at', type: 'string'),
            new OA\Property(property: 'minutes', type: 'integer'),
            new OA\Property(property: 'waits_min', type: 'integer'),
            new OA\Property(property: 'hangs', type: 'boolean'),
        ],
    ),
    OA\Schema(
        schema: 'ClockSide',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'serves', 'foods', 'allergens', 'may_contain', 'not_for'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'serves', type: 'integer'),
            new OA\Property(property: 'foods', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'may_contain', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(
                property: 'not_for',
                description: 'where it holds, or may hold, what somebody of the table goes without',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')],
            ),
        ],
    ),
    OA\Schema(
        schema: 'Clock',
        type: 'object',
        additionalProperties: false,
        required: [
            'fits', 'is_exact', 'eat_at', 'begins_at', 'spare_min', 'ready_at', 'cannot_hold', 'waits', 'fire_out', 'helps', 'without',
            'tasks',
            'sides',
        ],
        properties: [
            new OA\Property(property: 'fits', type: 'boolean'),
            new OA\Property(property: 'is_exact', type: 'boolean'),
            new OA\Property(property: 'eat_at', type: 'string'),
            new OA\Property(property: 'begins_at', type: 'string', nullable: true),
            new OA\Property(property: 'spare_min', type: 'integer', nullable: true),
            new OA\Property(property: 'ready_at', type: 'string', nullable: true),
            new OA\Property(
                property: 'cannot_hold',
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'ids of tasks that cannot begin when somebody wants them to: the plan is made without',
            ),
            new OA\Property(
                property: 'waits',
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'ids of tasks that were begun and are done too early: they are kept hot, and not begun again',
            ),
            new OA\Property(
                property: 'fire_out',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/Phrase'),
                description: 'of each dish whose fire has gone out, where it is finished',
            ),
            new OA\Property(property: 'helps', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'without', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'tasks', type: 'array', items: new OA\Items(ref: '#/components/schemas/ClockTask')),
            new OA\Property(property: 'sides', type: 'array', items: new OA\Items(ref: '#/components/schemas/ClockSide')),
        ],
    ),
]
final class ClockSchemas {}
