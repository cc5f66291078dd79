<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// Who works here. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'StaffMember',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'name', 'sign_in', 'role', 'is_self'],
        properties: [
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'sign_in', type: 'string'),
            new OA\Property(property: 'role', type: 'string', enum: ['advisor', 'cutter', 'head_butcher']),
            new OA\Property(property: 'is_self', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'StaffList',
        type: 'object',
        additionalProperties: false,
        required: ['staff'],
        properties: [new OA\Property(property: 'staff', type: 'array', items: new OA\Items(ref: '#/components/schemas/StaffMember'))],
    ),
]
#[
    OA\Schema(
        schema: 'NewStaff',
        type: 'object',
        additionalProperties: false,
        required: ['name', 'sign_in', 'role', 'password'],
        properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'sign_in', type: 'string'),
            new OA\Property(property: 'role', type: 'string', enum: ['advisor', 'cutter', 'head_butcher']),
            new OA\Property(property: 'password', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'ChangedStaff',
        type: 'object',
        additionalProperties: false,
        properties: [
            new OA\Property(property: 'name', type: 'string', nullable: true),
            new OA\Property(property: 'role', type: 'string', enum: ['advisor', 'cutter', 'head_butcher']),
            new OA\Property(property: 'password', type: 'string', nullable: true),
        ],
    ),
]
final class StaffSchemas {}
