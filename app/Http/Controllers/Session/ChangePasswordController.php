<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Http\Requests\ChangePasswordRequest;
use App\Http\Resources\SessionResource;
use App\Models\User;
use App\Services\DayBook;
use App\Services\SignIn;
use App\Services\Wording;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class ChangePasswordController
{
    #[
        OA\Put(
            path: '/session/password',
            operationId: 'changePassword',
            summary: 'One’s own password; everywhere else one is signed out',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    type: 'object',
                    additionalProperties: false,
                    required: ['password', 'new_password'],
                    properties: [
                        new OA\Property(property: 'password', type: 'string'),
                        new OA\Property(property: 'new_password', type: 'string', minLength: 10),
                    ],
                ),
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Changed',
                    content: new OA\JsonContent(ref: '#/components/schemas/Session'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(ChangePasswordRequest $request, SignIn $signIn, DayBook $book, Wording $wording): SessionResource
    {
        /** @var User $user */
        $user = $request->user();
        if (! $signIn->knows($user, $request->password())) {
            throw ValidationException::withMessages(['password' => $wording->text('problem', 'session.nobody')]);
        }
        $user->update(['password' => $request->newPassword(), 'must_change_password' => false]);
        DB::table(config()->string('session.table'))
            ->where('user_id', $user->id)
            ->where('id', '!=', $request->session()->getId())
            ->delete();
        $book->note($user, 'password.changed');

        return new SessionResource($user->load('shop'));
    }
}
