<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

// One change at the counter and its answer. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'Choice',
        type: 'object',
        additionalProperties: false,
        required: ['lot', 'method'],
        properties: [new OA\Property(property: 'lot', type: 'string'), new OA\Property(property: 'method', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'CounterAsked',
        type: 'object',
        additionalProperties: false,
        properties: [
            new OA\Property(property: 'line', type: 'string', nullable: true, description: 'as it is typed'),
            new OA\Property(
                property: 'wish',
                description: 'as it was tapped; it goes before the line',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Wish'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(
                property: 'keep',
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'words that stay in the line a wish is written as',
            ),
            new OA\Property(
                property: 'choice',
                description: 'of the matches; left out, the first',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Choice'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(
                property: 'hand',
                type: 'object',
                description: 'keys of an ask that were set by hand; with a cut, that cut and no match',
                additionalProperties: true,
            ),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(property: 'schools', ref: '#/components/schemas/AskSchools'),
            new OA\Property(property: 'now', type: 'string', nullable: true),
            new OA\Property(
                property: 'table',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/AskDiner'),
                description: 'who eats of the dishes that are on the ticket already: what is known of them holds for this one',
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CounterRefused',
        type: 'object',
        additionalProperties: false,
        required: ['of', 'violations'],
        properties: [
            new OA\Property(property: 'of', type: 'string', enum: ['wish', 'piece']),
            new OA\Property(property: 'violations', type: 'array', items: new OA\Items(ref: '#/components/schemas/Violation')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'CounterShown',
        type: 'object',
        additionalProperties: false,
        required: ['id', 'line', 'chips', 'suggestions', 'wish', 'dishes', 'table', 'matches', 'chosen', 'ask', 'ticket', 'refused'],
        properties: [
            new OA\Property(property: 'id', type: 'string', nullable: true, description: 'of the ticket; giving names it'),
            new OA\Property(property: 'line', type: 'string', description: 'as it was typed, or as the wish is written'),
            new OA\Property(property: 'chips', type: 'array', items: new OA\Items(ref: '#/components/schemas/Chip')),
            new OA\Property(property: 'suggestions', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'wish', ref: '#/components/schemas/Wish'),
            new OA\Property(
                property: 'dishes',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/Wish'),
                description: 'a wish for each dish of the line; the first is answered',
            ),
            new OA\Property(
                property: 'table',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/AskDiner'),
                description: 'who eats, each group once',
            ),
            new OA\Property(
                property: 'matches',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Matches'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(
                property: 'chosen',
                description: 'null where a cut was picked by hand',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Choice'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(
                property: 'ask',
                description: 'what the ticket is computed from',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Ask'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(
                property: 'ticket',
                oneOf: [new OA\Schema(ref: '#/components/schemas/DishTicket'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(
                property: 'refused',
                oneOf: [new OA\Schema(ref: '#/components/schemas/CounterRefused'), new OA\Schema(type: 'null')],
            ),
        ],
    ),
]
final class CounterSchemas {}
