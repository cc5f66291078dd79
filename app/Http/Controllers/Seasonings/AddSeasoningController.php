<?php

declare(strict_types=1);

namespace App\Http\Controllers\Seasonings;

use App\Models\User;
use App\Services\House;
use App\Services\ShopShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\RecipeReader;
use Nessmark\Seasoning\Shelf;
use OpenApi\Attributes as OA;

final class AddSeasoningController
{
    #[
        OA\Post(
            path: '/seasonings',
            operationId: 'addSeasoning',
            summary: 'Write a seasoning of the shop\'s own; the same slug again changes it',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/OwnSeasoning')),
            responses: [
                new OA\Response(
                    response: 201,
                    description: 'Kept',
                    content: new OA\JsonContent(ref: '#/components/schemas/SeasoningAdded'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, ShopShelf $shelves, House $house, RecipeReader $reader): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $profile = $house->rules($user->shop)->standard->profile;
        $data = json_decode($request->getContent(), true);
        [$recipe] = $shelves->keep($user->shop, static fn (Shelf $shelf): array => [$reader->read($data, $shelf, $profile)]);

        return new JsonResponse(['slug' => $recipe->text('slug')], 201);
    }
}
