<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\LastHead;
use App\Http\Requests\StaffRequest;
use App\Http\Resources\StaffResource;
use App\Models\User;
use App\Services\DayBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

final class ChangeStaffController
{
    #[
        OA\Put(
            path: '/staff/{user}',
            operationId: 'changeStaff',
            summary: 'Another name, role or password',
            parameters: [new OA\Parameter(name: 'user', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ChangedStaff')),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Done',
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
    public function __invoke(StaffRequest $request, User $user, DayBook $book, LastHead $heads): JsonResponse
    {
        /** @var User $by */
        $by = $request->user();
        $given = $request->given();
        $isForAnother = isset($given['password']) && ! $user->is($by);
        $user = $heads->keeping(
            $user,
            static fn (User $now): bool => $now->update([...$given, ...$isForAnother ? ['must_change_password' => true] : []]),
        );
        if ($isForAnother) {
            DB::table(config()->string('session.table'))->where('user_id', $user->id)->delete();
        }
        $book->note($by, 'staff.changed', ['name' => $user->name, 'changed' => implode(', ', array_keys($given))]);

        return new JsonResponse((new StaffResource($user))->resolve($request));
    }
}
