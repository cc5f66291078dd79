<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Http\Resources\StaffResource;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListStaffController
{
    #[
        OA\Get(
            path: '/staff',
            operationId: 'listStaff',
            summary: 'Who works here',
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/StaffList')),
            ],
        ),
    ]
    public function __invoke(Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $staff = User::query()->where('shop_id', $user->shop_id)->whereNull('left_at')->get()->sortBy('name');

        return new JsonResponse(['staff' => StaffResource::collection($staff->values())->resolve($request)]);
    }
}
