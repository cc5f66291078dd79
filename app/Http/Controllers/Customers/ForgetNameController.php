<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Actions\ForgetCustomer;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ForgetNameController
{
    #[
        OA\Post(
            path: '/customers/forget-name',
            operationId: 'forgetName',
            summary: 'Forget a name that was only typed, on every ticket and bench order that is no customer’s',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NameToForget')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/NameForgotten')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, ForgetCustomer $forget): JsonResponse
    {
        /** @var array{name: string} $given */
        $given = $request->validate(['name' => ['required', 'string', 'max:60']]);
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse(['stood_on' => $forget->name($user->shop_id, trim($given['name']))]);
    }
}
