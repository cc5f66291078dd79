<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Http\Requests\CustomerRequest;
use App\Http\Resources\CustomerResource;
use App\Models\Customer;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddCustomerController
{
    #[
        OA\Post(
            path: '/customers',
            operationId: 'addCustomer',
            summary: 'Somebody who wants to be known',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewCustomer')),
            responses: [
                new OA\Response(response: 201, description: 'Made', content: new OA\JsonContent(ref: '#/components/schemas/Customer')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(CustomerRequest $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $customer = Customer::query()->create(['shop_id' => $user->shop_id, ...$request->given()]);

        return new JsonResponse((new CustomerResource($customer))->resolve($request), 201);
    }
}
