<?php

declare(strict_types=1);

namespace App\OpenApi;

use Nessmark\AskLine\ChipKind;
use OpenApi\Attributes as OA;

// From what is said to what fits. The front end reads its types from these.
#[
    OA\Schema(
        schema: 'Wish',
        type: 'object',
        additionalProperties: false,
        required: ['diners'],
        properties: [
            new OA\Property(property: 'diners', type: 'array', items: new OA\Items(ref: '#/components/schemas/AskDiner')),
            new OA\Property(property: 'named', type: 'string', nullable: true),
            new OA\Property(property: 'cut', type: 'string', nullable: true),
            new OA\Property(property: 'kinds', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'methods', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'appliances', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'fires', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            new OA\Property(property: 'or', type: 'array', items: new OA\Items(type: 'string'), description: 'what would do as well'),
            new OA\Property(property: 'like', type: 'string', nullable: true, description: 'something like it, and not itself'),
            new OA\Property(property: 'dish', type: 'string', nullable: true, description: 'a kind of dish, such as stew'),
            new OA\Property(property: 'raw', type: 'string', nullable: true, description: 'eaten raw: refused with its rule'),
            new OA\Property(property: 'not_on', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'heat_c', type: 'number', nullable: true, description: 'what the oven is set to'),
            new OA\Property(property: 'thickness_mm', type: 'number', nullable: true),
            new OA\Property(property: 'raw_g', type: 'number', nullable: true, description: 'in all'),
            new OA\Property(property: 'each_g', type: 'number', nullable: true, description: 'of each piece, or a head'),
            new OA\Property(property: 'pieces', type: 'integer', nullable: true),
            new OA\Property(property: 'part', type: 'number', nullable: true, description: 'of one as it is usually sold'),
            new OA\Property(property: 'bones', type: 'integer', nullable: true),
            new OA\Property(property: 'packed', type: 'string', nullable: true, enum: ['wet', 'dry']),
            new OA\Property(property: 'rearing', type: 'string', nullable: true, enum: ['farmed', 'wild']),
            new OA\Property(property: 'origin', type: 'string', nullable: true),
            new OA\Property(property: 'budget_all', type: 'number', nullable: true, description: 'for all together'),
            new OA\Property(property: 'now', type: 'string', nullable: true),
            new OA\Property(property: 'eat_at', type: 'string', nullable: true),
            new OA\Property(property: 'budget', type: 'number', nullable: true),
            new OA\Property(
                property: 'wants',
                type: 'array',
                items: new OA\Items(
                    type: 'string',
                    enum: [
                        'cheap',
                        'quick',
                        'special',
                        'easy',
                        'lean',
                        'rich',
                        'bigger',
                        'boneless',
                        'on_bone',
                        'skin_on',
                        'crisp_skin',
                        'soft',
                        'leftovers',
                        'crackling',
                        'unhurried',
                        'how_thick',
                    ],
                ),
            ),
            new OA\Property(property: 'may_order', type: 'boolean'),
            new OA\Property(
                property: 'seasoning',
                type: 'string',
                nullable: true,
                description: 'one of the shelf, or a family of them',
            ),
            new OA\Property(property: 'grade', type: 'string', nullable: true),
            new OA\Property(property: 'aged_days', type: 'integer', nullable: true),
            new OA\Property(property: 'units', type: 'string', enum: ['metric', 'imperial']),
            new OA\Property(property: 'profile', type: 'string', enum: ['us', 'uk', 'eu']),
            new OA\Property(property: 'schools', ref: '#/components/schemas/AskSchools'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LineAsked',
        type: 'object',
        additionalProperties: false,
        required: ['line'],
        properties: [
            new OA\Property(property: 'line', type: 'string'),
            new OA\Property(property: 'now', type: 'string', nullable: true),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Chip',
        type: 'object',
        additionalProperties: false,
        required: ['kind', 'text', 'value', 'from', 'to', 'suggestions', 'asks'],
        properties: [
            new OA\Property(
                property: 'kind',
                type: 'string',
                enum: ChipKind::class,
            ),
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'value', type: 'string'),
            new OA\Property(property: 'from', type: 'integer'),
            new OA\Property(property: 'to', type: 'integer'),
            new OA\Property(property: 'suggestions', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(
                property: 'asks',
                description: 'what is to be settled before it counts',
                oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')],
            ),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'LineRead',
        type: 'object',
        additionalProperties: false,
        required: ['chips', 'wish', 'dishes', 'table', 'suggestions'],
        properties: [
            new OA\Property(property: 'chips', type: 'array', items: new OA\Items(ref: '#/components/schemas/Chip')),
            new OA\Property(property: 'wish', ref: '#/components/schemas/Wish', description: 'of the first dish'),
            new OA\Property(property: 'dishes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Wish')),
            new OA\Property(
                property: 'table',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/AskDiner'),
                description: 'who eats, each group once',
            ),
            new OA\Property(property: 'suggestions', type: 'array', items: new OA\Items(type: 'string')),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Contribution',
        type: 'object',
        additionalProperties: false,
        required: ['criterion', 'points', 'most', 'says'],
        properties: [
            new OA\Property(property: 'criterion', type: 'string'),
            new OA\Property(property: 'points', type: 'number'),
            new OA\Property(property: 'most', type: 'number'),
            new OA\Property(property: 'says', oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')]),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MatchCut',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name', 'group', 'is_round'],
        properties: [
            new OA\Property(property: 'slug', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'group', type: 'string'),
            new OA\Property(property: 'is_round', type: 'boolean'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'MatchLot',
        type: 'object',
        additionalProperties: false,
        required: [
            'number',
            'grade',
            'fat_pct',
            'thickness_mm',
            'left_g',
            'price_per_kg',
            'aged_days',
            'packed',
            'origin',
            'use_by',
            'parasite_frozen',
            'pierced',
            'stuffed',
            'rearing',
            'lead_days',
        ],
        properties: [
            new OA\Property(property: 'number', type: 'string'),
            new OA\Property(property: 'grade', type: 'string', nullable: true),
            new OA\Property(property: 'fat_pct', type: 'number', nullable: true),
            new OA\Property(property: 'thickness_mm', type: 'number', nullable: true),
            new OA\Property(property: 'left_g', type: 'number', nullable: true),
            new OA\Property(property: 'price_per_kg', type: 'number'),
            new OA\Property(property: 'aged_days', type: 'integer', nullable: true),
            new OA\Property(property: 'packed', type: 'string', enum: ['wet', 'dry']),
            new OA\Property(property: 'origin', type: 'string'),
            new OA\Property(property: 'use_by', type: 'string', nullable: true),
            new OA\Property(property: 'parasite_frozen', type: 'boolean'),
            new OA\Property(property: 'pierced', type: 'boolean'),
            new OA\Property(property: 'stuffed', type: 'boolean'),
            new OA\Property(property: 'rearing', type: 'string', nullable: true),
            new OA\Property(property: 'lead_days', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Found',
        type: 'object',
        additionalProperties: false,
        required: [
            'cut',
            'lot',
            'method',
            'thickness_mm',
            'score',
            'contributions',
            'reasons',
            'doubt',
            'changes',
            'a_head',
            'cooked_100g',
            'raw_g',
            'pieces',
            'shares',
            'takes_s',
            'verdict',
            'other_methods',
            'ask',
        ],
        properties: [
            new OA\Property(property: 'cut', ref: '#/components/schemas/MatchCut'),
            new OA\Property(property: 'lot', ref: '#/components/schemas/MatchLot'),
            new OA\Property(property: 'method', type: 'string'),
            new OA\Property(property: 'thickness_mm', type: 'number'),
            new OA\Property(property: 'score', type: 'number'),
            new OA\Property(property: 'contributions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Contribution')),
            new OA\Property(property: 'reasons', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'doubt', oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'a_head', type: 'number'),
            new OA\Property(property: 'cooked_100g', type: 'number'),
            new OA\Property(property: 'raw_g', type: 'number'),
            new OA\Property(property: 'pieces', type: 'integer', nullable: true),
            new OA\Property(property: 'shares', type: 'integer'),
            new OA\Property(property: 'takes_s', type: 'number', nullable: true),
            new OA\Property(property: 'verdict', type: 'string', enum: ['clear', 'caution', 'stop']),
            new OA\Property(property: 'other_methods', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'ask', ref: '#/components/schemas/Ask'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Refusal',
        type: 'object',
        additionalProperties: false,
        required: ['limit', 'says', 'cut', 'lot', 'method'],
        properties: [
            new OA\Property(
                property: 'limit',
                type: 'string',
                enum: [
                    'fire',
                    'suits',
                    'avoid',
                    'doneness',
                    'safety',
                    'weight',
                    'budget',
                    'use_by',
                    'order',
                    'grade',
                    'aged',
                    'rearing',
                    'origin',
                    'reach',
                    'time',
                ],
            ),
            new OA\Property(property: 'says', ref: '#/components/schemas/Phrase'),
            new OA\Property(property: 'cut', type: 'string'),
            new OA\Property(property: 'lot', type: 'string'),
            new OA\Property(property: 'method', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'NamedCut',
        type: 'object',
        additionalProperties: false,
        required: ['slug', 'name'],
        properties: [new OA\Property(property: 'slug', type: 'string'), new OA\Property(property: 'name', type: 'string')],
    ),
]
#[
    OA\Schema(
        schema: 'ToOrder',
        type: 'object',
        additionalProperties: false,
        required: ['lot', 'name', 'lead_days'],
        properties: [
            new OA\Property(property: 'lot', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'lead_days', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'Matches',
        type: 'object',
        additionalProperties: false,
        required: ['line', 'currency', 'matches', 'refusals', 'instead_of', 'is_missing', 'orders', 'considered'],
        properties: [
            new OA\Property(property: 'line', type: 'string'),
            new OA\Property(property: 'currency', type: 'string'),
            new OA\Property(property: 'matches', type: 'array', items: new OA\Items(ref: '#/components/schemas/Found')),
            new OA\Property(property: 'refusals', type: 'array', items: new OA\Items(ref: '#/components/schemas/Refusal')),
            new OA\Property(
                property: 'instead_of',
                oneOf: [new OA\Schema(ref: '#/components/schemas/NamedCut'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(property: 'is_missing', type: 'boolean', description: 'nothing of the kind is in the case'),
            new OA\Property(
                property: 'orders',
                type: 'array',
                items: new OA\Items(ref: '#/components/schemas/ToOrder'),
                description: 'what was asked for and can be ordered, the soonest first',
            ),
            new OA\Property(property: 'considered', type: 'integer'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'WhyNotAsked',
        type: 'object',
        additionalProperties: false,
        required: ['wish', 'cut'],
        properties: [
            new OA\Property(property: 'wish', ref: '#/components/schemas/Wish'),
            new OA\Property(property: 'cut', type: 'string'),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'BestMatch',
        type: 'object',
        additionalProperties: false,
        required: ['name', 'score'],
        properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'score', type: 'number')],
    ),
]
#[
    OA\Schema(
        schema: 'WorseBy',
        type: 'object',
        additionalProperties: false,
        required: ['criterion', 'points', 'says'],
        properties: [
            new OA\Property(property: 'criterion', type: 'string'),
            new OA\Property(property: 'points', type: 'number'),
            new OA\Property(property: 'says', oneOf: [new OA\Schema(ref: '#/components/schemas/Phrase'), new OA\Schema(type: 'null')]),
        ],
    ),
]
#[
    OA\Schema(
        schema: 'WhyNot',
        type: 'object',
        additionalProperties: false,
        required: ['cut', 'in_case', 'lead_days', 'place', 'score', 'best', 'match', 'worse_by', 'refusals'],
        properties: [
            new OA\Property(property: 'cut', ref: '#/components/schemas/NamedCut'),
            new OA\Property(property: 'in_case', type: 'boolean'),
            new OA\Property(property: 'lead_days', type: 'integer', nullable: true),
            new OA\Property(property: 'place', type: 'integer', nullable: true),
            new OA\Property(property: 'score', type: 'number', nullable: true),
            new OA\Property(
                property: 'best',
                oneOf: [new OA\Schema(ref: '#/components/schemas/BestMatch'), new OA\Schema(type: 'null')],
            ),
            new OA\Property(property: 'match', oneOf: [new OA\Schema(ref: '#/components/schemas/Found'), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'worse_by', type: 'array', items: new OA\Items(ref: '#/components/schemas/WorseBy')),
            new OA\Property(property: 'refusals', type: 'array', items: new OA\Items(ref: '#/components/schemas/Refusal')),
        ],
    ),
]
final class MatchSchemas {}
