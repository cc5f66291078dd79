<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Stock\Pricing;
use OpenApi\Attributes as OA;

final class PriceFromCostController
{
    #[
        OA\Get(
            path: '/price',
            operationId: 'priceFromCost',
            summary: 'The price a kilo that leaves a margin',
            parameters: [
                new OA\Parameter(name: 'cost_per_kg', in: 'query', required: true, schema: new OA\Schema(type: 'number')),
                new OA\Parameter(name: 'margin_pct', in: 'query', required: true, schema: new OA\Schema(type: 'number')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/PriceOf')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate([
            'cost_per_kg' => ['required', 'numeric', 'min:0', 'max:10000'],
            'margin_pct' => ['required', 'numeric', 'min:0', 'max:90'],
        ]);
        [$cost, $margin] = [(float) $given['cost_per_kg'], (float) $given['margin_pct']];

        return new JsonResponse(['cost_per_kg' => $cost, 'margin_pct' => $margin, 'price_per_kg' => Pricing::perKg($cost, $margin)]);
    }
}
