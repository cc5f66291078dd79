<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Http\Requests\StartSessionRequest;
use App\Http\Resources\SessionResource;
use App\Services\DayBook;
use App\Services\SignIn;
use App\Services\Wording;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class StartSessionController
{
    #[
        OA\Post(
            path: '/session',
            operationId: 'signIn',
            summary: 'Sign in',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Credentials')),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Signed in',
                    content: new OA\JsonContent(ref: '#/components/schemas/Session'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 429,
                    description: 'Too many tries',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(StartSessionRequest $request, SignIn $signIn, DayBook $book, Wording $wording): SessionResource
    {
        abort_unless($request->hasSession(), 400, $wording->text('problem', 'session.own_page'));
        /** @var StatefulGuard $guard */
        $guard = Auth::guard('web');
        $user =
            $signIn->who($request->name(), $request->password()) ??
            throw ValidationException::withMessages(['password' => $wording->text('problem', 'session.nobody')]);
        $guard->login($user);
        $request->session()->regenerate();
        $book->note($user, 'session.started');

        return new SessionResource($user->load('shop'));
    }
}
