<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Http\Requests\StaffRequest;
use App\Http\Resources\StaffResource;
use App\Models\User;
use App\Services\DayBook;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddStaffController
{
    #[
        OA\Post(
            path: '/staff',
            operationId: 'addStaff',
            summary: 'Somebody new',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewStaff')),
            responses: [
                new OA\Response(
                    response: 201,
                    description: 'Made',
                    content: new OA\JsonContent(ref: '#/components/schemas/StaffMember'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(StaffRequest $request, DayBook $book): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $added = User::query()->create([...$request->given(), 'shop_id' => $user->shop_id, 'must_change_password' => true]);
        $book->note($user, 'staff.added', ['name' => $added->name, 'role' => $added->role->value]);

        return new JsonResponse((new StaffResource($added))->resolve($request), 201);
    }
}
