<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Actions\ForgetCustomer;
use App\Models\Customer;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ForgetCustomerController
{
    #[
        OA\Delete(
            path: '/customers/{customer}',
            operationId: 'forgetCustomer',
            summary: 'Forget them: the row, and their name on every ticket',
            parameters: [new OA\Parameter(name: 'customer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            responses: [new OA\Response(response: 204, description: 'Done')],
        ),
    ]
    public function __invoke(Customer $customer, ForgetCustomer $forget): Response
    {
        $forget->execute($customer);

        return new Response(status: 204);
    }
}
