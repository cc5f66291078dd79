<?php

declare(strict_types=1);

namespace App\OpenApi;

use OpenApi\Attributes as OA;

#[
    OA\Schema(
        schema: 'MinceLot',
        required: ['lot'],
        properties: [
            new OA\Property(property: 'lot', type: 'string', description: 'its number'),
            new OA\Property(property: 'fat_pct', type: 'number', nullable: true, description: 'by eye; left out, as the cut has it'),
            new OA\Property(property: 'least_pct', type: 'number', nullable: true),
            new OA\Property(property: 'most_pct', type: 'number', nullable: true),
        ],
    ),
    OA\Schema(
        schema: 'MinceAsked',
        required: ['lots', 'each_g', 'fat_pct'],
        properties: [
            new OA\Property(property: 'lots', type: 'array', items: new OA\Items(ref: '#/components/schemas/MinceLot')),
            new OA\Property(property: 'pieces', type: 'integer', nullable: true, description: 'or total_g'),
            new OA\Property(property: 'total_g', type: 'number', nullable: true, description: 'as many pieces as come out of it'),
            new OA\Property(property: 'each_g', type: 'number', nullable: true),
            new OA\Property(property: 'fat_pct', type: 'number', nullable: true),
            new OA\Property(property: 'spare_pct', type: 'number', nullable: true, description: 'how far off the fat may be'),
            new OA\Property(property: 'goal', type: 'string', enum: ['price', 'flavour']),
            new OA\Property(property: 'form', type: 'string', enum: ['burgers', 'meatballs', 'sausages', 'loose']),
        ],
    ),
    OA\Schema(
        schema: 'MincePart',
        required: ['lot', 'name', 'g', 'share_pct', 'fat_pct', 'cost'],
        properties: [
            new OA\Property(property: 'lot', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'g', type: 'integer'),
            new OA\Property(property: 'share_pct', type: 'number'),
            new OA\Property(property: 'fat_pct', type: 'number'),
            new OA\Property(property: 'cost', type: 'number'),
        ],
    ),
    OA\Schema(
        schema: 'Mince',
        required: [
            'total_g',
            'pieces',
            'rest_g',
            'each_g',
            'each_oz',
            'form',
            'fat_pct',
            'lean_pct',
            'parts',
            'cost',
            'cost_each',
            'cost_per_kg',
            'official_c',
            'steps',
            'names',
            'currency',
        ],
        properties: [
            new OA\Property(property: 'total_g', type: 'integer'),
            new OA\Property(property: 'pieces', type: 'integer'),
            new OA\Property(property: 'rest_g', type: 'integer', description: 'less than a piece'),
            new OA\Property(property: 'each_g', type: 'number'),
            new OA\Property(property: 'each_oz', type: 'number'),
            new OA\Property(property: 'form', type: 'string', enum: ['burgers', 'meatballs', 'sausages', 'loose']),
            new OA\Property(property: 'fat_pct', type: 'number'),
            new OA\Property(property: 'lean_pct', type: 'number'),
            new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: '#/components/schemas/MincePart')),
            new OA\Property(property: 'cost', type: 'number'),
            new OA\Property(property: 'cost_each', type: 'number'),
            new OA\Property(property: 'cost_per_kg', type: 'number'),
            new OA\Property(property: 'official_c', type: 'number'),
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'names', type: 'array', items: new OA\Items(ref: '#/components/schemas/Phrase')),
            new OA\Property(property: 'currency', type: 'string'),
        ],
    ),
]
final class BenchSchemas {}
