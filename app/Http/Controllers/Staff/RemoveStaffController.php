<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\LastHead;
use App\Models\User;
use App\Services\DayBook;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nessmark\Errors\InputRefused;
use OpenApi\Attributes as OA;

final class RemoveStaffController
{
    #[
        OA\Delete(
            path: '/staff/{user}',
            operationId: 'removeStaff',
            summary: 'Somebody left: signed out everywhere, their tickets stay',
            parameters: [new OA\Parameter(name: 'user', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            responses: [
                new OA\Response(response: 204, description: 'Done'),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, User $user, DayBook $book, LastHead $heads): Response
    {
        if ($user->is($request->user())) {
            throw InputRefused::one('user', 'conflict', $user->name, 'somebody_else');
        }
        $user = $heads->keeping($user, static fn (User $now): bool => $now->update(['left_at' => now(), 'password' => Str::random(40)]));
        DB::table(config()->string('session.table'))->where('user_id', $user->id)->delete();
        /** @var User $by */
        $by = $request->user();
        $book->note($by, 'staff.removed', ['name' => $user->name]);

        return new Response(status: 204);
    }
}
