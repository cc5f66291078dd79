<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Models\User;
use App\Services\House;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowHouseController
{
    #[OA\Get(path: '/house', operationId: 'showHouse', summary: 'The rules of the house: safety, schools, portions, margin, units',
        responses: [new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/House'))])]
    public function __invoke(Request $request, House $house): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse($house->sheet($user->shop, $user->role->runsHouse()));
    }
}
