<?php

declare(strict_types=1);

namespace App\Http\Controllers\Seasonings;

use App\Models\User;
use App\Services\ShopShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\SeasoningReport;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\Ingredient;
use Nessmark\Seasoning\Seasoning;
use OpenApi\Attributes as OA;

final class ListSeasoningsController
{
    #[
        OA\Get(
            path: '/seasonings',
            operationId: 'listSeasonings',
            summary: 'Every seasoning of the shelf, those shipped and the shop\'s own, and what they are made of',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The shelf',
                    content: new OA\JsonContent(ref: '#/components/schemas/SeasoningShelf'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, ShopShelf $shelves, Cure $cure): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $shelf = $shelves->of($user->shop);

        return new JsonResponse([
            'currency' => $user->shop->currency,
            'seasonings' => array_map(
                static fn (Seasoning $of): array => SeasoningReport::summary($of, $cure, $user->shop->safety_profile),
                $shelf->all(),
            ),
            'ingredients' => array_map(
                static fn (Ingredient $of): array => ['slug' => $of->slug, 'name' => $of->name, 'is_curing' => $of->isCuring()],
                $shelf->ingredients(),
            ),
        ]);
    }
}
