<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meal;

use App\Http\Resources\SideShown;
use Illuminate\Http\JsonResponse;
use Nessmark\Meal\Sides;
use OpenApi\Attributes as OA;

final class ListSidesController
{
    #[
        OA\Get(
            path: '/sides',
            operationId: 'listSides',
            summary: 'The sides that are known, for the meal clock',
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/SideList')),
            ],
        ),
    ]
    public function __invoke(Sides $sides): JsonResponse
    {
        return new JsonResponse(['sides' => array_map(SideShown::of(...), $sides->all())]);
    }
}
