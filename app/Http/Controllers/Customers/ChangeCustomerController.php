<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Http\Requests\CustomerRequest;
use App\Http\Resources\CustomerResource;
use App\Models\Customer;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ChangeCustomerController
{
    #[
        OA\Put(
            path: '/customers/{customer}',
            operationId: 'changeCustomer',
            summary: 'Another name, or another kitchen',
            parameters: [new OA\Parameter(name: 'customer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewCustomer')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/Customer')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(CustomerRequest $request, Customer $customer): JsonResponse
    {
        $customer->update($request->given());

        return new JsonResponse((new CustomerResource($customer))->resolve($request));
    }
}
