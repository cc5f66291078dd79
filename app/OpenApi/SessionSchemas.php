<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// Who is signed in. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'Credentials',
        type: 'object',
        additionalProperties: false,
        required: ['sign_in', 'password'],
        properties: [new OA\Property(property: 'sign_in', type: 'string'), new OA\Property(property: 'password', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'ShopSummary',
        type: 'object',
        additionalProperties: false,
        required: ['name', 'town', 'safety_profile', 'currency', 'units', 'time_zone'],
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'town', type: 'string'),
            new OA\Property(property: 'safety_profile', type: 'string', enum: ['us', 'uk', 'eu']),
            new OA\Property(property: 'currency', type: 'string', description: 'ISO 4217'),
            new OA\Property(property: 'time_zone', type: 'string', description: 'of the tz database'),
            new OA\Property(
                property: 'units',
                type: 'string',
                enum: ['metric', 'imperial'],
                description: 'the shop\'s own, until somebody chooses',
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Session',
        type: 'object',
        additionalProperties: false,
        required: [
            'name',
            'role',
            'must_change_password',
            'may_advise',
            'may_change_catalogue',
            'may_change_case',
            'may_run_house',
            'shop',
        ],
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'role', type: 'string', enum: ['advisor', 'cutter', 'head_butcher']),
            new OA\Property(property: 'must_change_password', type: 'boolean', description: 'before anything else'),
            new OA\Property(property: 'may_advise', type: 'boolean'),
            new OA\Property(property: 'may_change_catalogue', type: 'boolean'),
            new OA\Property(property: 'may_change_case', type: 'boolean'),
            new OA\Property(property: 'may_run_house', type: 'boolean'),
            new OA\Property(property: 'shop', ref: '#/components/schemas/ShopSummary'),
        ],
    ),
]
final class SessionSchemas {}
